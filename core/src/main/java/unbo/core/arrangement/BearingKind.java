package unbo.core.arrangement;

import java.util.Optional;
import unbo.core.catalogue.Family;

/** What kind of bearing a place takes; its section is drawn accordingly. */
public enum BearingKind {
  TAPERED_ROLLER("tapered-roller", "tapered roller bearing", Family.TAPERED_ROLLER),
  DEEP_GROOVE_BALL("deep-groove-ball", "deep groove ball bearing", Family.DEEP_GROOVE_BALL),
  FULL_COMPLEMENT_BALL(
      "full-complement-ball", "full complement ball bearing", Family.DEEP_GROOVE_BALL),
  ANGULAR_CONTACT_BALL(
      "angular-contact-ball", "angular contact ball bearing", Family.ANGULAR_CONTACT_BALL),
  DOUBLE_ROW_BALL("double-row-ball", "double-row wheel unit", Family.WHEEL_UNIT),
  TWO_ROW_ANGULAR_BALL(
      "two-row-angular-ball",
      "double-row angular contact ball bearing",
      Family.TWO_ROW_ANGULAR_BALL),
  TWO_ROW_BALL("two-row-ball", "double-row deep groove ball bearing", Family.TWO_ROW_BALL),
  FOUR_POINT_BALL("four-point-ball", "four-point contact ball bearing", Family.FOUR_POINT_BALL),
  HEADSET("headset", "headset cartridge", Family.HEADSET),
  CYLINDRICAL_ROLLER("cylindrical-roller", "cylindrical roller bearing", Family.CYLINDRICAL_ROLLER),
  BARE_SHAFT_ROLLER("bare-shaft-roller", "roller bearing running on the bare shaft", null),
  DRAWN_CUP_NEEDLE("drawn-cup-needle", "drawn cup needle bearing", Family.DRAWN_CUP_NEEDLE),
  NEEDLE_ROLLER("needle-roller", "machined needle roller bearing", Family.NEEDLE_ROLLER),
  NEEDLE_CAGE("needle-cage", "needle roller and cage assembly", Family.NEEDLE_CAGE),
  SELF_ALIGNING_BALL("self-aligning-ball", "self-aligning ball bearing", Family.SELF_ALIGNING_BALL),
  THRUST_NEEDLE("thrust-needle", "axial needle roller and cage assembly", Family.THRUST_NEEDLE),
  THRUST_BALL("thrust-ball", "thrust ball bearing", Family.THRUST_BALL),
  SPHERICAL_PLAIN("spherical-plain", "spherical plain bearing", Family.SPHERICAL_PLAIN);

  private final String id;
  private final String title;
  private final Family family;

  BearingKind(String id, String title, Family family) {
    this.id = id;
    this.title = title;
    this.family = family;
  }

  public String id() {
    return id;
  }

  public String title() {
    return title;
  }

  /** The catalogue's family for it; empty where the catalogue has none and sizes are measured. */
  public Optional<Family> family() {
    return Optional.ofNullable(family);
  }

  public boolean isTaper() {
    return this == TAPERED_ROLLER;
  }

  static BearingKind withId(String id) {
    for (BearingKind kind : values()) {
      if (kind.id.equals(id)) {
        return kind;
      }
    }
    throw new IllegalArgumentException("there is no kind of bearing " + id);
  }

  /** Whether it carries thrust one way and needs a partner for the other. */
  public boolean leans() {
    return this == TAPERED_ROLLER || this == ANGULAR_CONTACT_BALL || this == HEADSET;
  }
}
