package unbo.core.setting;

/** The three ways in which workshops set an adjustable pair. A vehicle is kept to one. */
public enum School {
  END_PLAY(
      "end play",
      "A small play is left and measured with a dial: 0.03 to 0.13 mm unless the vehicle's maker gives another figure. It is the default, since the life of a pair falls slowly with play and off a cliff with preload: one hole too far is the cliff."),
  SLIGHT_PRELOAD(
      "slight preload by feel",
      "For workshops that cannot dial. What is felt must then be measured: the running torque with a spring scale, against the limit that the vehicle's maker gives. Without such a limit this school is refused. Ball pairs that are not made for it are refused too."),
  JUST_FREE(
      "just free",
      "The nut is loosened until the wheel spins freely, and it is judged by how the wheel comes to rest. It is a judgement and not a measurement: the sheet says so, and end play is checked again after the first distance.");

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
