package unbo.core.designation;

import java.util.List;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/** How sure a reading is, and of what that is made. */
public final class SureWorking {

  private SureWorking() {}

  /** The sureness of a reading in per cent. */
  public static Working of(ReadingReport report, Reading reading) {
    long rivals = report.readings().stream().filter(r -> r.item() == reading.item()).count();
    long unread =
        reading.parts().stream()
            .filter(p -> p.kind() == Part.Kind.UNREAD)
            .mapToLong(p -> p.text().length())
            .sum();
    return Working.of(
        Formula.of(
            "How sure",
            "%",
            "sureness of spelling and letters, over the sum of all readings where that is over 1",
            v -> v.get("c") * 100,
            "Our estimate: common spellings and sizes first; every worn or unread character costs.",
            "It ranks readings of one text; it is not a counted frequency. Measure to be certain."),
        List.of(
            Input.exact(
                "c", "sureness", reading.confidence(), "", Origin.estimated("by the reader")),
            Input.exact("n", "readings of this text", rivals, "", Origin.computed("all that fit")),
            Input.exact("u", "characters left unread", unread, "", Origin.read(report.input()))));
  }
}
