package unbo.app.job;

import java.util.Optional;

/** The ten stations that a job passes along, in the order of the work. */
public enum Station {
  LISTEN("Listen", "noise and complaint", false),
  ROCK("Rock", "play, before anything is undone", false),
  NAME("Name", "what bearing it is", true),
  STRIP("Strip", "taking it out", false),
  READ("Read", "what the old one says", false),
  FIT("Fit", "fits and heat", false),
  PACK("Pack", "grease", false),
  SET("Set", "end play at the nut", true),
  PROVE("Prove", "the accusing tests again", true),
  BOOK("Book", "the job sheet", true);

  private final String title;
  private final String about;
  private final boolean built;

  Station(String title, String about, boolean built) {
    this.title = title;
    this.about = about;
    this.built = built;
  }

  public String id() {
    return name().toLowerCase(java.util.Locale.ROOT);
  }

  public String title() {
    return title;
  }

  public String about() {
    return about;
  }

  /** Whether it has a worksheet of its own; the others take a dated note. */
  public boolean isBuilt() {
    return built;
  }

  public static Optional<Station> withId(String id) {
    for (Station station : values()) {
      if (station.id().equals(id)) {
        return Optional.of(station);
      }
    }
    return Optional.empty();
  }
}
