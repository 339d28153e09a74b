package unbo.core.verification;

import unbo.core.measure.Instrument;

/** The tests with a number that accuse a taper hub and are done again when it is built. */
public enum AccusingTest {
  ROCK(
      "rock",
      "Rock at the rim",
      "mm",
      "Total movement at 12 and 6 o’clock, dial indicator at the rim.",
      "dial"),
  END_PLAY(
      "end-play",
      "End play",
      "mm",
      "Push and pull, dial indicator on the hub face; the value comes from Set.",
      "dial"),
  DRAG(
      "drag",
      "Turning torque",
      "N",
      "Spring scale on a string around the rim, wheel turning steadily.",
      "spring-scale"),
  HUB_HEAT(
      "heat",
      "Hub temperature against the other side",
      "K",
      "Both caps after the same run: this hub and the hub on the other side.",
      ""),
  RUN_OUT(
      "run-out",
      "Run-out of the flange",
      "mm",
      "Dial indicator on the flange face near its edge, one turn by hand: highest minus lowest reading.",
      "dial");

  private static final String PROBE = "probe";

  private final String id;
  private final String title;
  private final String unit;
  private final String how;
  private final String instrument;

  AccusingTest(String id, String title, String unit, String how, String instrument) {
    this.id = id;
    this.title = title;
    this.unit = unit;
    this.how = how;
    this.instrument = instrument;
  }

  public String id() {
    return id;
  }

  public String title() {
    return title;
  }

  public String unit() {
    return unit;
  }

  public String how() {
    return how;
  }

  /** Uncertainty of one reading at 95 %, in the test's unit; repeatability is not in it. */
  public double uncertaintyAt(double reading) {
    return Instrument.withId(instrument)
        .map(i -> i.uncertaintyAt(reading))
        .orElseGet(AccusingTest::twoProbes);
  }

  /** A difference of two temperatures, each read with a contact thermometer. */
  private static double twoProbes() {
    return Math.sqrt(2) * Instrument.withId(PROBE).orElseThrow().uncertainty();
  }
}
