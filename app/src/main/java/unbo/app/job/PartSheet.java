package unbo.app.job;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.springframework.ui.Model;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.core.arrangement.HubDimension;
import unbo.core.arrangement.HubPart;
import unbo.core.units.LengthEntry;

/**
 * A part's own sheet: its sizes and what becomes of it.
 *
 * @param part the part
 * @param sizes its dimensions
 * @param state what becomes of it
 * @param states the choices
 * @param note as typed
 * @param problems what is wrong, at the fields
 */
public record PartSheet(
    HubPart part,
    List<Size> sizes,
    PartMark.State state,
    List<PartMark.State> states,
    String note,
    FieldProblems problems) {

  /** One dimension: as typed when measured, else empty with the assumed value beside it. */
  public record Size(HubDimension dimension, String typed, String assumed) {}

  static void fill(Model model, Job job, HubPart part, Figures figures) {
    if (!model.containsAttribute("partSheet")) {
      Map<HubDimension, Double> all = job.hub().dimensions();
      List<Size> sizes =
          HubDimension.of(part).stream()
              .map(
                  d ->
                      new Size(
                          d,
                          job.hub().isAssumed(d) ? "" : figures.size(all.get(d)),
                          figures.size(all.get(d))))
              .toList();
      model.addAttribute(
          "partSheet", sheet(job, part, sizes, job.noteOf(part), new FieldProblems()));
    }
    model.addAttribute("revision", job.revision(Station.STRIP));
  }

  static PartSheet typed(
      Job job, HubPart part, Map<String, String> form, FieldProblems problems, Figures figures) {
    Map<HubDimension, Double> all = job.hub().dimensions();
    List<Size> sizes =
        HubDimension.of(part).stream()
            .map(d -> new Size(d, form.getOrDefault(d.name(), ""), figures.size(all.get(d))))
            .toList();
    return sheet(job, part, sizes, form.getOrDefault("note", ""), problems);
  }

  private static PartSheet sheet(
      Job job, HubPart part, List<Size> sizes, String note, FieldProblems problems) {
    return new PartSheet(
        part, sizes, job.stateOf(part), Arrays.asList(PartMark.State.values()), note, problems);
  }

  /** Reads one size; empty takes a measurement away. */
  static Double read(HubDimension dimension, String typed, FieldProblems problems) {
    return problems
        .take(
            dimension.name(),
            LengthEntry.parse(typed, LengthEntry.Unit.MILLIMETRE)
                .check(t -> dimension.problemWith(t.length())))
        .map(t -> t.length().millimetres())
        .orElse(null);
  }
}
