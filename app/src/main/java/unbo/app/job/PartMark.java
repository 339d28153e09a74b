package unbo.app.job;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;

/** What becomes of one part, with a letter so that a drawing on grey paper still says it. */
@Embeddable
public class PartMark {

  /** What becomes of a part. */
  public enum State {
    AS_FOUND("as found", "F"),
    KEEP("keep", "K"),
    RENEW("to renew", "R"),
    RENEWED("renewed", "N");

    private final String title;
    private final String letter;

    State(String title, String letter) {
      this.title = title;
      this.letter = letter;
    }

    public String title() {
      return title;
    }

    public String letter() {
      return letter;
    }
  }

  @Enumerated(EnumType.STRING)
  private State state;

  private String note;
  private int revision;

  @Enumerated(EnumType.STRING)
  private Station station;

  protected PartMark() {}

  public PartMark(State state, String note) {
    this.state = state;
    this.note = note;
  }

  /** The same, as written at a station with a count of the job's changes. */
  PartMark written(Station at, int newRevision) {
    PartMark mark = new PartMark(state, note);
    mark.station = at;
    mark.revision = newRevision;
    return mark;
  }

  /** The count of the job's changes at which it was written; 0 for one of an old record. */
  int getRevision() {
    return revision;
  }

  /** Where it was written, null for one of an old record. */
  Station getStation() {
    return station;
  }

  public State getState() {
    return state;
  }

  public String getNote() {
    return note;
  }
}
