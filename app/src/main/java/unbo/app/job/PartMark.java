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

  protected PartMark() {}

  public PartMark(State state, String note) {
    this.state = state;
    this.note = note;
  }

  public State getState() {
    return state;
  }

  public String getNote() {
    return note;
  }
}
