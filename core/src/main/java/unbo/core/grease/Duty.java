package unbo.core.grease;

import java.util.Arrays;
import java.util.Optional;

/**
 * What a bearing does, and the share of its free volume that is filled for it. Shares are the
 * middle of the usual rules: fast a fifth to a third, general a third to a half, slow and wet up to
 * two thirds, small-angle pivots nearly full.
 */
public enum Duty {
  HIGH_SPEED("high-speed", "High speed", 0.25, "a fifth to a third: more grease churns and heats"),
  GENERAL("general", "Wheels and general", 0.40, "a third to a half"),
  WET_SLOW("wet-slow", "Slow, wet or dirty", 0.60, "up to two thirds: the grease keeps water out"),
  PIVOT("pivot", "Pivot, small angle", 0.85, "nearly full: a pivot does not churn its grease"),
  LEAST_DRAG("least-drag", "Least drag", 0.20, "a fifth, and short intervals");

  private static final double LEAST_CAVITY = 1.0 / 3;
  private static final double MOST_CAVITY = 0.5;

  private final String id;
  private final String title;
  private final double share;
  private final String why;

  Duty(String id, String title, double share, String why) {
    this.id = id;
    this.title = title;
    this.share = share;
    this.why = why;
  }

  public String id() {
    return id;
  }

  public String title() {
    return title;
  }

  /** Share of a bearing's free volume, 0 to 1. */
  public double share() {
    return share;
  }

  /** Share of the cavity between a taper pair: a third to a half; the rest is room for heat. */
  public double cavityShare() {
    return this == LEAST_DRAG ? share : Math.max(LEAST_CAVITY, Math.min(MOST_CAVITY, share));
  }

  public String why() {
    return why;
  }

  public static Optional<Duty> withId(String id) {
    return Arrays.stream(values()).filter(d -> d.id.equals(id)).findFirst();
  }
}
