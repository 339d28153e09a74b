package unbo.app.job;

import java.util.Map;
import unbo.app.account.Person;
import unbo.app.web.FieldProblems;

/** What a press on a station's sheet comes to. */
public sealed interface Press {

  /** Who presses, and when. */
  record By(Person person, java.time.Instant at) {
    public String name() {
      return person.getName();
    }
  }

  /** What a press does to the record, under the job's lock. */
  @FunctionalInterface
  interface Change {
    void apply(Job job, Jobs.Signature by);
  }

  /**
   * Something to be written.
   *
   * @param state of the station afterwards
   * @param text the line for the history
   * @param stays whether the page stays at the station instead of going on to the next
   * @param part the part that is marked afterwards; empty for the station's own
   */
  record Taken(StationMark.State state, String text, Change change, boolean stays, String part)
      implements Press {

    /** Written, and the page stays at the station. */
    public static Taken here(StationMark.State state, String text, Change change) {
      return new Taken(state, text, change, true, "");
    }

    /** Written, and the page goes on to the next station. */
    public static Taken onward(StationMark.State state, String text, Change change) {
      return new Taken(state, text, change, false, "");
    }
  }

  /** Nothing is written: what is wrong is at the fields. */
  record Refused(FieldProblems problems) implements Press {}

  /** Nothing is written: the sheet was filled for something that has changed since. */
  record Overtaken(Map<String, Object> shown) implements Press {}

  /** Nothing to write here: the sheet is shown with these fields, such as one more of them. */
  record Shown(Form form) implements Press {}

  /** Written elsewhere than in the job already, such as the shop's grease gun. */
  record Done() implements Press {}
}
