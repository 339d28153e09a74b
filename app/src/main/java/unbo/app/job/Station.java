package unbo.app.job;

import java.util.Optional;

/** The ten stations that a job passes along, in the order of the work. */
public enum Station {
  LISTEN("Listen", "noise and complaint"),
  ROCK("Rock", "play, before anything is taken apart"),
  NAME("Name", "identify the bearing"),
  STRIP("Strip", "take the bearing out"),
  READ("Read", "inspect the old bearing"),
  FIT("Fit", "fits and heat"),
  PACK("Pack", "grease"),
  SET("Set", "end play at the nut"),
  PROVE("Prove", "repeat the fault tests"),
  BOOK("Book", "the job sheet");

  private final String title;
  private final String about;

  Station(String title, String about) {
    this.title = title;
    this.about = about;
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

  public static Optional<Station> withId(String id) {
    for (Station station : values()) {
      if (station.id().equals(id)) {
        return Optional.of(station);
      }
    }
    return Optional.empty();
  }
}
