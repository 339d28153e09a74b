package unbo.app.job;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;

/** How far a station is, who touched it last, and how often it was changed. */
@Embeddable
public class StationMark {

  /** What became of a station. */
  public enum State {
    WORKED_ON("worked on"),
    DONE("done"),
    ELSEWHERE("done, see note"),
    SKIPPED("skipped");

    private final String title;

    State(String title) {
      this.title = title;
    }

    public String title() {
      return title;
    }
  }

  @Enumerated(EnumType.STRING)
  private State state;

  private String note;
  private String person;
  private Instant at;
  private int revision;

  protected StationMark() {}

  StationMark(State state, String note, String person, Instant at, int revision) {
    this.state = state;
    this.note = note;
    this.person = person;
    this.at = at;
    this.revision = revision;
  }

  public State getState() {
    return state;
  }

  public String getNote() {
    return note;
  }

  public String getPerson() {
    return person;
  }

  public Instant getAt() {
    return at;
  }

  public int getRevision() {
    return revision;
  }

  /** The same, counted as a change of its own. */
  StationMark again(int newRevision) {
    return new StationMark(state, note, person, at, newRevision);
  }
}
