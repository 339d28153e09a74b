package unbo.core.catalogue;

import java.util.Arrays;
import java.util.Optional;

/**
 * Families of bearings that the catalogue holds, with the word used on pages and in data. Several
 * families share one word of the JSON interface, which tells them apart by rows or role.
 */
public enum Family {
  DEEP_GROOVE_BALL("deep-groove-ball", "deep groove ball bearing", "deep-groove-ball", 1),
  ANGULAR_CONTACT_BALL(
      "angular-contact-ball", "angular contact ball bearing", "angular-contact-ball", 1),
  TWO_ROW_ANGULAR_BALL(
      "two-row-angular-ball", "double-row angular contact ball bearing", "angular-contact-ball", 2),
  WHEEL_UNIT("wheel-unit-angular-ball", "double-row wheel unit", "wheel-unit-angular-ball", 2),
  HEADSET("headset-angular-ball", "headset cartridge", "headset-angular-ball", 1),
  TWO_ROW_BALL("two-row-ball", "double-row deep groove ball bearing", "deep-groove-ball", 2),
  FOUR_POINT_BALL("four-point-ball", "four-point contact ball bearing", "angular-contact-ball", 1),
  SPHERICAL_ROLLER("spherical-roller", "spherical roller bearing", "spherical-roller", 2),
  THRUST_NEEDLE("thrust-needle", "axial needle roller and cage assembly", "thrust-roller", 1),
  INSERT_BALL("insert-ball", "insert ball bearing", "deep-groove-ball", 1),
  TRACK_ROLLER("track-roller", "track roller with a stud", "needle-roller", 1),
  ROD_END("rod-end", "rod end", "spherical-plain", 0),
  ONE_WAY_CLUTCH("one-way-clutch", "one-way clutch", "one-way-clutch", 1),
  SELF_ALIGNING_BALL("self-aligning-ball", "self-aligning ball bearing", "self-aligning-ball", 2),
  CYLINDRICAL_ROLLER("cylindrical-roller", "cylindrical roller bearing", "cylindrical-roller", 1),
  THRUST_BALL("thrust-ball", "thrust ball bearing", "thrust-ball", 1),
  TWO_WAY_THRUST_BALL(
      "two-way-thrust-ball", "thrust ball bearing that carries both ways", "thrust-ball", 2),
  DRAWN_CUP_NEEDLE("drawn-cup-needle", "drawn cup needle roller bearing", "needle-roller", 1),
  NEEDLE_ROLLER("needle-roller", "machined needle roller bearing", "needle-roller", 1),
  NEEDLE_CAGE("needle-cage", "needle roller and cage assembly", "needle-roller", 1),
  SPHERICAL_PLAIN("spherical-plain", "spherical plain bearing", "spherical-plain", 0),
  TAPERED_ROLLER("tapered-roller", "tapered roller bearing", "tapered-roller", 1);

  private final String id;
  private final String title;
  private final String interfaceWord;
  private final int rows;

  Family(String id, String title, String interfaceWord, int rows) {
    this.id = id;
    this.title = title;
    this.interfaceWord = interfaceWord;
    this.rows = rows;
  }

  /** The family of a word of data; empty when there is none. */
  public static Optional<Family> withId(String id) {
    return Arrays.stream(values()).filter(f -> f.id.equals(id)).findFirst();
  }

  public String id() {
    return id;
  }

  public String title() {
    return title;
  }

  /** The word of the JSON interface. */
  public String interfaceWord() {
    return interfaceWord;
  }

  /** Rows of rolling elements; none in a plain bearing. */
  public int rows() {
    return rows;
  }

  /** Whether its rolling elements are balls. */
  public boolean isBall() {
    return switch (this) {
      case DEEP_GROOVE_BALL,
              INSERT_BALL,
              ANGULAR_CONTACT_BALL,
              TWO_ROW_ANGULAR_BALL,
              WHEEL_UNIT,
              HEADSET,
              SELF_ALIGNING_BALL,
              TWO_ROW_BALL,
              FOUR_POINT_BALL,
              THRUST_BALL,
              TWO_WAY_THRUST_BALL ->
          true;
      default -> false;
    };
  }

  /** Whether only its envelope is known here: it is recognised and drawn, and nothing is summed. */
  public boolean isEnvelopeOnly() {
    return this == INSERT_BALL || this == TRACK_ROLLER || this == ROD_END || this == ONE_WAY_CLUTCH;
  }

  /** Whether its balls carry along the axis alone. */
  public boolean isThrustBall() {
    return this == THRUST_BALL || this == TWO_WAY_THRUST_BALL;
  }

  /** Whether it is one of the needle families. */
  public boolean isNeedle() {
    return this == DRAWN_CUP_NEEDLE || this == NEEDLE_ROLLER || this == NEEDLE_CAGE;
  }
}
