package unbo.core.arrangement;

import java.util.Optional;

/** The parts of a taper pair on a spindle, from inboard to outboard. */
public enum HubPart {
  SPINDLE("spindle"),
  SEAL("lip seal"),
  INBOARD_CONE("inboard cone"),
  INBOARD_CUP("inboard cup"),
  HUB("hub"),
  OUTBOARD_CUP("outboard cup"),
  OUTBOARD_CONE("outboard cone"),
  WASHER("washer"),
  NUT("castle nut"),
  PIN("split pin"),
  CAP("cap");

  private final String title;

  HubPart(String title) {
    this.title = title;
  }

  public String title() {
    return title;
  }

  /** The lower-case word used in addresses and records, such as {@code inboard-cone}. */
  public String id() {
    return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
  }

  public static Optional<HubPart> withId(String id) {
    for (HubPart part : values()) {
      if (part.id().equals(id)) {
        return Optional.of(part);
      }
    }
    return Optional.empty();
  }

  public boolean isBearing() {
    return isInboardBearing() || this == OUTBOARD_CONE || this == OUTBOARD_CUP;
  }

  public boolean isInboardBearing() {
    return this == INBOARD_CONE || this == INBOARD_CUP;
  }
}
