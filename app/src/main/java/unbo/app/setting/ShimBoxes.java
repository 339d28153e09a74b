package unbo.app.setting;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import unbo.app.job.Form;
import unbo.app.job.Job;
import unbo.app.job.Press;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.app.setting.SetRecord.BookedShims;
import unbo.app.web.FieldProblems;
import unbo.core.shim.ShimStack;
import unbo.core.shim.ShimStock;
import unbo.core.units.Entry;
import unbo.core.units.Problem;

/**
 * Fills boxes of shims, and books out of them what goes into a job. What was booked stands in the
 * job: taking that change back puts the shims back.
 */
@Component
class ShimBoxes {

  private static final String NAME = "shim-box";
  private static final int LONGEST = 60;
  private static final int MOST = 60;

  private final ShimBoxRepository boxes;

  ShimBoxes(ShimBoxRepository boxes) {
    this.boxes = boxes;
  }

  /** A box with what lies in it now, as a stock is written. */
  public record Stocked(String name, String stock) {}

  List<Stocked> all() {
    List<BookedShims> booked = booked();
    return boxes.all().stream().map(b -> new Stocked(b.getName(), left(b, booked).text())).toList();
  }

  private List<BookedShims> booked() {
    return boxes.booked().stream().flatMap(k -> SetRecord.TYPE.read(k).booked().stream()).toList();
  }

  /** What was put in, less what jobs took since. */
  private static ShimStock left(ShimBox box, List<BookedShims> booked) {
    ShimStock left = stock(box.getStock());
    for (BookedShims taken : booked) {
      if (taken.box().equals(box.getName()) && taken.at().isAfter(box.getAt())) {
        left = left.less(stock(taken.shims()));
      }
    }
    return left;
  }

  private static ShimStock stock(String text) {
    return ShimStock.parse(text).value().orElse(new ShimStock(List.of()));
  }

  /** The fields of the panel; what was not written is what lies in the box that was chosen. */
  Map<String, String> filled(Map<String, String> fields) {
    String name = fields.getOrDefault(NAME, "");
    if (name.isEmpty() || !fields.getOrDefault("shim-stock", "").isBlank()) {
      return fields;
    }
    Map<String, String> all = new java.util.LinkedHashMap<>(fields);
    boxes.named(name).ifPresent(b -> all.put("shim-stock", left(b, booked()).text()));
    return all;
  }

  /** What is written becomes what lies in the box. */
  Press fill(Map<String, String> fields, Press.By by) {
    FieldProblems problems = new FieldProblems();
    String name = fields.getOrDefault(NAME, "").strip();
    Entry<ShimStock> stock = ShimStock.parse(fields.getOrDefault("shim-stock", ""));
    problems.take("shim-stock", stock);
    if (stock.isEmpty()) {
      problems.add(
          "shim-stock", new Problem("", "Nothing to put in.", "Write 0.10 x 4; 0.15 x 2, in mm."));
    }
    if (name.isEmpty() || name.length() > LONGEST) {
      problems.add(
          NAME, new Problem(name, "No name of a box.", "Enter one of 60 characters at most."));
    }
    if (boxes.count() >= MOST && boxes.named(name).isEmpty()) {
      problems.add(NAME, new Problem(name, "There are 60 boxes.", "Use one that is there."));
    }
    if (!problems.isEmpty()) {
      return new Press.Refused(problems);
    }
    ShimBox box = boxes.named(name).orElseGet(() -> new ShimBox(name));
    box.fill(stock.value().orElseThrow().text(), by.name(), by.at());
    boxes.save(box);
    return new Press.Done();
  }

  /** What goes in leaves its box, under the lock of the job. */
  Press book(Job job, Form form, Map<String, String> fields, ShimPanel panel) {
    String name = fields.getOrDefault(NAME, "").strip();
    FieldProblems problems = new FieldProblems();
    panel.problems().copyTo(problems);
    if (boxes.named(name).isEmpty()) {
      problems.add(
          NAME, new Problem(name, "Not out of a box.", "Choose the box that they come from."));
    }
    if (panel.best() == null) {
      problems.add(
          "shim-stock",
          new Problem("", "No stack to book.", "Enter depths and a stock that reaches."));
    }
    if (problems.isEmpty() && !holds(name, panel.best())) {
      problems.add(
          NAME,
          new Problem(
              name,
              "That box has not got these shims.",
              "Choose the box that they come from, or save its stock as it is."));
    }
    if (!problems.isEmpty()) {
      return new Press.Refused(problems);
    }
    String text = "shims out of “" + name + "”: " + panel.stack().replaceAll("\\. .*", ".");
    String shims = new ShimStock(panel.best().shims()).text();
    return Press.Taken.here(
        job.work().mark(Station.SET).map(StationMark::getState).orElse(StationMark.State.WORKED_ON),
        text,
        (changed, by) -> {
          ShimBox box = boxes.named(name).orElseThrow();
          // Whoever took the last ones since the look above is told by the box's own version.
          box.book(by.at());
          boxes.save(box);
          SetRecord set = SettingResults.record(changed);
          changed.work().write(SetRecord.TYPE, set.with(new BookedShims(name, shims, by.at())));
        });
  }

  private boolean holds(String name, ShimStack wanted) {
    ShimStock there = left(boxes.named(name).orElseThrow(), booked());
    try {
      there.without(wanted);
      return true;
    } catch (IllegalArgumentException e) {
      return false;
    }
  }
}
