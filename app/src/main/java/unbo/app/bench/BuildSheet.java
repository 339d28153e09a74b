package unbo.app.bench;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import unbo.app.drawing.StripPicture;
import unbo.app.stripping.StripWords;
import unbo.app.working.Gaps;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.PartTemplate;
import unbo.core.strip.BuildUp;

/**
 * An arrangement built up part by part on the bench.
 *
 * @param rows all steps
 * @param now the one that is shown, from 1; 0 where nothing goes on
 * @param words of the step that is shown
 * @param picture with what goes on last
 * @param length of the whole so far, and what this step adds
 * @param says on splines and on what is missing, sentences
 * @param gaps the nearest of what stands to what turns
 * @param parts to leave out
 */
public record BuildSheet(
    List<Row> rows,
    int now,
    String words,
    StripPicture picture,
    String length,
    List<String> says,
    Gaps gaps,
    List<Toggle> parts) {

  /** A step; ticked once the whole turned free after it. */
  public record Row(int number, String id, String words, String lengthens, boolean ticked) {}

  /** A part that can be left out. */
  public record Toggle(String id, String title, boolean out) {}

  /**
   * Makes it.
   *
   * @param wanted the step to show, from 1; anything else shows the last
   * @param without ids of parts that are left out; words that are none are passed over
   * @param ticked ids of the leading parts after which it turned free
   */
  static BuildSheet of(Assembly assembly, int wanted, Set<String> without, Set<String> ticked) {
    Arrangement arrangement = assembly.arrangement();
    Set<String> out = new LinkedHashSet<>(without);
    out.removeIf(p -> arrangement.part(p).isEmpty());
    List<BuildUp.Stage> stages = BuildUp.of(assembly, out).stages();
    StripWords words = new StripWords(arrangement);
    List<Row> rows = new ArrayList<>();
    for (int i = 0; i < stages.size(); i++) {
      BuildUp.Stage s = stages.get(i);
      String lead = s.step().parts().get(0);
      rows.add(
          new Row(i + 1, lead, words.on(s.step()), lengthens(s.addedMm()), ticked.contains(lead)));
    }
    List<Toggle> parts =
        arrangement.parts().stream().map(p -> toggle(p, out.contains(p.id()))).toList();
    if (stages.isEmpty()) {
      return new BuildSheet(
          rows,
          0,
          "Nothing goes on along the axis here.",
          null,
          "",
          List.of(),
          new Gaps(List.of(), List.of()),
          parts);
    }
    int now = wanted >= 1 && wanted <= stages.size() ? wanted : stages.size();
    BuildUp.Stage stage = stages.get(now - 1);
    return new BuildSheet(
        rows,
        now,
        words.on(stage.step()),
        StripPicture.of(assembly, stage.step(), List.of()),
        String.format(Locale.ROOT, "%.1f mm", stage.lengthMm()),
        says(stage, words),
        Gaps.of(stage.free()),
        parts);
  }

  private static Toggle toggle(PartTemplate part, boolean out) {
    return new Toggle(part.id(), part.title(), out);
  }

  private static String lengthens(double mm) {
    return Math.abs(mm) < 0.05 ? "" : String.format(Locale.ROOT, "%+.1f mm", mm).replace('-', '−');
  }

  private static List<String> says(BuildUp.Stage stage, StripWords words) {
    List<String> says = new ArrayList<>();
    for (BuildUp.Unset unset : stage.unset()) {
      says.add(
          words.name(unset.part())
              + " stands against the "
              + words.name(unset.missing())
              + ", which is left out: nothing sets its place.");
    }
    for (BuildUp.Spline spline : stage.splines()) {
      String both = words.name(spline.part()) + " and " + words.name(spline.other());
      says.add(
          spline.engagedMm().isPresent()
              ? String.format(
                  Locale.ROOT,
                  "Splines of %s reach %.1f mm into each other at most.",
                  both,
                  spline.engagedMm().getAsDouble())
              : "Splines of " + both + ": no engagement until its place is set.");
    }
    return says.stream()
        .map(s -> s.substring(0, 1).toUpperCase(Locale.ROOT) + s.substring(1))
        .toList();
  }
}
