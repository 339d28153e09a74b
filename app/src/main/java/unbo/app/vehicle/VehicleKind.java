package unbo.app.vehicle;

/** Kinds of vehicle that have a taper pair on a spindle in this slice. */
public enum VehicleKind {
  TRAILER("trailer"),
  CAR("car");

  private final String title;

  VehicleKind(String title) {
    this.title = title;
  }

  public String title() {
    return title;
  }
}
