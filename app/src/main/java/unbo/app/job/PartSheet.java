package unbo.app.job;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.springframework.ui.Model;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.PartTemplate;
import unbo.core.arrangement.SizeTemplate;

/**
 * A part's own sheet: its sizes and what becomes of it.
 *
 * @param part the part
 * @param sizes its dimensions
 * @param state what becomes of it
 * @param states the choices
 * @param note as typed
 * @param number as marked on it, where it is kept as text; else empty
 * @param problems what is wrong, at the fields
 */
public record PartSheet(
    PartTemplate part,
    List<Size> sizes,
    PartMark.State state,
    List<PartMark.State> states,
    String note,
    String number,
    FieldProblems problems) {

  /** One dimension: as typed when measured, else empty with the assumed value beside it. */
  public record Size(SizeTemplate dimension, String typed, String assumed) {}

  static void fill(Model model, Job job, PartTemplate part, Figures figures) {
    if (!model.containsAttribute("partSheet")) {
      Assembly assembly = job.assembly();
      List<Size> sizes =
          part.askedSizes().stream()
              .map(
                  d ->
                      new Size(
                          d,
                          assembly.isMeasured(d) ? figures.size(assembly.value(d)) : "",
                          figures.size(assembly.value(d))))
              .toList();
      model.addAttribute(
          "partSheet",
          sheet(
              part,
              sizes,
              recorded(job, part),
              job.work().markingOf(part.id()),
              new FieldProblems()));
    }
    model.addAttribute("revision", job.work().partRevision(part.id()));
    model.addAttribute("contacts", ContactLine.of(job.arrangement(), part));
  }

  static PartSheet typed(
      Job job,
      PartTemplate part,
      PartMark chosen,
      Map<String, String> form,
      FieldProblems problems,
      Figures figures) {
    Assembly assembly = job.assembly();
    List<Size> sizes =
        part.askedSizes().stream()
            .map(d -> new Size(d, form.getOrDefault(d.id(), ""), figures.size(assembly.value(d))))
            .toList();
    return sheet(part, sizes, chosen, form.getOrDefault("number", ""), problems);
  }

  /** What the record says of a part. */
  static PartMark recorded(Job job, PartTemplate part) {
    return new PartMark(job.work().stateOf(part.id()), job.work().noteOf(part.id()));
  }

  private static PartSheet sheet(
      PartTemplate part, List<Size> sizes, PartMark mark, String number, FieldProblems problems) {
    return new PartSheet(
        part,
        sizes,
        mark.getState(),
        Arrays.asList(PartMark.State.values()),
        mark.getNote(),
        number,
        problems);
  }

  /** Reads one size; empty takes a measurement away. */
  static Double read(SizeTemplate dimension, String typed, FieldProblems problems) {
    return problems.take(dimension.id(), dimension.read(typed == null ? "" : typed)).orElse(null);
  }
}
