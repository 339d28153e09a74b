package unbo.core.comparison;

/** Whether one bearing may take another's place. */
public enum Verdict {
  SUITS("suits", "suitable"),
  UNKNOWN("unknown", "cannot tell"),
  FITS_BUT_UNSUITABLE("fits-but-unsuitable", "fits, but not suitable"),
  DOES_NOT_FIT("does-not-fit", "does not fit");

  private final String id;
  private final String title;

  Verdict(String id, String title) {
    this.id = id;
    this.title = title;
  }

  public String id() {
    return id;
  }

  public String title() {
    return title;
  }
}
