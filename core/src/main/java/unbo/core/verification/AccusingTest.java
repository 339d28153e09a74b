package unbo.core.verification;

import java.util.Arrays;
import java.util.Optional;
import unbo.core.measure.Instrument;
import unbo.core.measure.Measured;
import unbo.core.rock.RockWorkings;

/**
 * The tests with a number that accuse a bearing and are done again when it is built. Where each can
 * be done, {@link TestPlaces} knows.
 */
public enum AccusingTest {
  ROCK(
      "rock",
      "Rock at the rim",
      "mm",
      Footing.TILT,
      "at radius",
      "dial",
      "rock",
      "Total movement at 12 and 6 o’clock, dial indicator at the rim.",
      "On axle stands, never on a jack alone; chock the wheels on the ground."),
  END_PLAY(
      "end-play",
      "End play",
      "mm",
      Footing.AS_READ,
      "",
      "dial",
      "dial",
      "Push and pull, dial indicator on the hub face; the value comes from Set.",
      "Turn it both ways before each reading."),
  DRAG(
      "drag",
      "Turning torque",
      "N",
      Footing.TORQUE,
      "at radius",
      "spring-scale",
      "scale",
      "Spring scale on a string around rim or pulley, or square to an arm, turning steadily.",
      "Brake free and no belt or chain on it, or it is their drag that is read."),
  HUB_HEAT(
      "heat",
      "Hub temperature against the other side",
      "°C",
      Footing.APART,
      "other side",
      "probe",
      "probe",
      "Both caps after the same run: this hub and the hub on the other side.",
      "Do not touch: a hot hub burns. Sun and brake warm one side too."),
  RUN_OUT(
      "run-out",
      "Run-out of the flange",
      "mm",
      Footing.SPAN,
      "",
      "dial",
      "dial",
      "Dial indicator on the flange face near its edge, one turn by hand: highest minus lowest reading.",
      "Turn by hand only, never with the engine."),
  SWING_FORCE(
      "swing-force",
      "Swing force",
      "N",
      Footing.TORQUE,
      "at radius",
      "spring-scale",
      "scale",
      "Spring scale square to the bar or arm at its end, moving slowly through the middle.",
      "Shock, chain and cables off it; wheel off the ground and the machine held upright."),
  NOTCH(
      "notch",
      "Notch at straight ahead",
      "N",
      Footing.APART,
      "beside it",
      "spring-scale",
      "scale",
      "Front wheel raised, spring scale at the bar end: force to leave straight ahead, then to go on beside it.",
      "Front stand under the frame; a helper holds the machine."),
  DROP(
      "drop",
      "Fall-away of the bars",
      "mm",
      Footing.TILT,
      "at radius",
      "rule",
      "drop",
      "Front wheel raised: how far from straight ahead bar end or mudguard tip is when it falls away by itself, both sides. Less is freer; the window is the maker’s.",
      "Cables and hoses aside; front stand under the frame, a helper holds the machine."),
  CLICKS(
      "clicks",
      "Clicks",
      "",
      Footing.PER_TURN,
      "in turns",
      "",
      "clicks",
      "Turn slowly under load and count the clicks; the crank’s turns with them.",
      "Fingers away from chain and spokes."),
  SEAL_GRIP(
      "grip",
      "Seal grip on the spacer",
      "N",
      Footing.AS_READ,
      "",
      "spring-scale",
      "hub",
      "Spring scale on the spacer or collar: force that draws it through the lip. Less than before is worse.",
      "Lip greased, no burr on the spacer."),
  LINKAGE_LIFT(
      "lift",
      "Free lift at the wheel",
      "mm",
      Footing.AS_READ,
      "",
      "rule",
      "lift",
      "Lift the wheel by hand until the spring begins to move; rule beside the axle.",
      "Machine on a stand that carries the frame, not the arm."),
  SIDE_PLAY(
      "side-play",
      "Side play at the wheel",
      "mm",
      Footing.TILT,
      "at radius",
      "dial",
      "rock-level",
      "Push and pull the wheel sideways, dial indicator at the rim; radius from the pivot.",
      "Wheel off the ground, frame held; look that it is not the wheel bearings."),
  RADIAL_PLAY(
      "radial",
      "Play across the axis",
      "mm",
      Footing.AS_READ,
      "",
      "dial",
      "shaft",
      "Dial indicator on shaft or ring, square to the axis; pull to and fro by hand.",
      "Engine and current off, belt off; sideways looseness along the axis is not this play."),
  FEEL(
      "feel",
      "Feel under a hand’s load",
      "of 4",
      Footing.AS_READ,
      "",
      "",
      "spin",
      "Push across the axis and turn slowly: 0 smooth, 1 a trace, 2 grit, 3 one rough spot, 4 notches or catches. Greased and mounted; a washed dry bearing rattles whatever its state.",
      "Turn by hand only; fingers away from spokes, blades and belts.");

  private final String id;
  private final String title;
  private final String unit;
  private final Footing footing;
  private final String second;
  private final String instrument;
  private final String drawing;
  private final String how;
  private final String caution;

  AccusingTest(
      String id,
      String title,
      String unit,
      Footing footing,
      String second,
      String instrument,
      String drawing,
      String how,
      String caution) {
    this.id = id;
    this.title = title;
    this.unit = unit;
    this.footing = footing;
    this.second = second;
    this.instrument = instrument;
    this.drawing = drawing;
    this.how = how;
    this.caution = caution;
  }

  public static Optional<AccusingTest> withId(String id) {
    return Arrays.stream(values()).filter(t -> t.id.equals(id)).findFirst();
  }

  public String id() {
    return id;
  }

  public String title() {
    return title;
  }

  /** Of the reading; empty for a count. */
  public String unit() {
    return unit;
  }

  public Footing footing() {
    return footing;
  }

  /** What the second number is, in a word or two; empty when there is none. */
  public String second() {
    return second;
  }

  /** The unit of the second number. */
  public String secondUnit() {
    return switch (footing) {
      case TILT, TORQUE -> "mm";
      case APART -> unit;
      case AS_READ, SPAN, PER_TURN -> "";
    };
  }

  /** The picture beside it. */
  public String drawing() {
    return drawing;
  }

  public String how() {
    return how;
  }

  public String caution() {
    return caution;
  }

  /** With what it is read; empty for what is counted or felt. */
  public Optional<Instrument> instrument() {
    return Instrument.withId(instrument);
  }

  /** Whether more than before is better: only a seal's grip. */
  public boolean moreIsBetter() {
    return this == SEAL_GRIP;
  }

  /** The unit of what is compared. */
  public String comparedUnit() {
    return footing.unit().isEmpty() ? unit : footing.unit();
  }

  /**
   * Uncertainty of one reading at 95 %, in the test's unit; one more or less for a count or a step
   * of feel. Repeatability is not in it.
   */
  public double uncertaintyAt(double reading) {
    return instrument().map(i -> i.uncertaintyAt(reading)).orElse(1.0);
  }

  /**
   * The figure by which before and now are compared, in {@link #comparedUnit()}.
   *
   * @param read the reading or the mean of several, in the test's unit
   * @param second the other number; null where there is none
   */
  public Measured compared(Measured read, Double second) {
    return switch (footing) {
      case AS_READ -> read;
      case SPAN -> new Measured(read.value(), read.uncertainty() * Math.sqrt(2));
      case TILT -> tilt(read, second, RockWorkings.RADIUS_BY_TAPE_MM);
      case TORQUE -> new Measured(read.value() * second / 1000, read.uncertainty() * second / 1000);
      case APART ->
          new Measured(
              Math.abs(read.value() - second),
              Math.hypot(read.uncertainty(), uncertaintyAt(second)));
      case PER_TURN -> new Measured(read.value() / second, read.uncertainty() / second);
    };
  }

  /**
   * The same as {@link #compared}, against a reading at the same second number: an error of a
   * radius that both share moves both alike, and is left out.
   */
  public Measured comparedAlike(Measured read, Double second) {
    return footing == Footing.TILT ? tilt(read, second, 0) : compared(read, second);
  }

  private static Measured tilt(Measured read, double radius, double byTape) {
    double tilt = read.value() / radius * 1000;
    return new Measured(
        tilt, Math.hypot(read.uncertainty() / radius * 1000, tilt * byTape / radius));
  }
}
