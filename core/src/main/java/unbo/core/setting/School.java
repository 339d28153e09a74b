package unbo.core.setting;

/** The three ways in which workshops set an adjustable pair. A vehicle is kept to one. */
public enum School {
  END_PLAY(
      "end play",
      "A small play is left and measured with a dial indicator: 0.03 to 0.13 mm unless the vehicle maker gives another figure. This is the default. A little too much play shortens life slowly; a little preload too much can destroy the bearing quickly. One hole too tight is enough."),
  SLIGHT_PRELOAD(
      "slight preload, checked by turning torque",
      "For workshops without a dial indicator. The nut is set by feel, then the turning torque is measured with a spring scale: clearly more than with the nut loosened to clear play, and no more than the vehicle maker’s limit. Without that limit this method is not allowed, nor for ball pairs that are not made for preload."),
  JUST_FREE(
      "just free",
      "The nut is loosened until the wheel spins freely, and judged by how the wheel comes to rest. This is a judgement, not a measurement: the sheet says so, and end play is checked again after 50 km (30 miles) or the vehicle maker’s distance.");

  private final String title;
  private final String explanation;

  School(String title, String explanation) {
    this.title = title;
    this.explanation = explanation;
  }

  public String title() {
    return title;
  }

  public String explanation() {
    return explanation;
  }
}
