package unbo.core.strip;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import unbo.core.working.Working;

/**
 * One way to get a tight ring off its seat.
 *
 * @param kind how
 * @param verdict what becomes of the bearing and the seat
 * @param crossesElements whether the force goes through balls or rollers
 * @param pushesOn the ring that force or heat acts on, as a part or {@code part/inner}
 * @param heldBy the part against which it is supported; empty where nothing is
 * @param path where the force goes, from where it enters to where it is held
 * @param tools all that it needs
 * @param missing what of them this shop has not
 * @param heat how warm it must be; empty where no heat helps
 * @param limitC how warm it may get at most, °C; 0 without heat
 * @param why why it is where it is in the list
 * @param cautions what to mind
 */
public record Route(
    Kind kind,
    Verdict verdict,
    boolean crossesElements,
    String pushesOn,
    String heldBy,
    List<String> path,
    List<Tool> tools,
    List<Tool> missing,
    Optional<Working> heat,
    double limitC,
    String why,
    List<String> cautions) {

  /** Ways, with what is done. */
  public enum Kind {
    LEVER("lever", "Lever out", "Lever it out at several places in turn; fit a new one."),
    PENETRANT(
        "penetrant",
        "Penetrant, time, and what frees rust",
        "Soak, wait, tap the flange; then push-off screws, a wedge behind the flange, in this order of harm."),
    HEAT_HOUSING(
        "heat-housing",
        "Warm the housing until the ring drops",
        "Warm the whole housing evenly, tip it over a wooden block: the ring falls or goes by hand."),
    HEAT_RING(
        "heat-ring",
        "Warm the ring until it slides off",
        "Warm the ring fast and evenly while the shaft stays cold, then draw it off by hand with gloves."),
    PRESS("press", "Press", "Support as drawn, push on the face as drawn, straight and slowly."),
    HUB_PRESS(
        "hub-press",
        "Screw press on the hub",
        "Screw through the bearing, cup behind it against the housing; turn by hand."),
    THREADED_ROD(
        "threaded-rod",
        "Threaded rod with cups",
        "A plate on the face as drawn, a wider cup on the far side; turn the nut by hand."),
    SCREW_DRIFT(
        "screw-drift",
        "Drift drawn by a screw",
        "The drift bears on the face as drawn and a screw draws it: no shock, stop and back off at any time."),
    NEW_PUSHES_OLD(
        "new-pushes-old",
        "The new bearing pushes the old one out",
        "Start the new one square on its outer ring; its outer ring must land on the old outer ring only."),
    JAW_PULLER(
        "jaw-puller",
        "Jaw puller behind the tight ring",
        "Jaws behind the ring as drawn, screw on the shaft’s end."),
    SPLITTER(
        "splitter",
        "Bearing splitter behind the tight ring",
        "Close the splitter behind the ring as drawn, then press or pull on the splitter."),
    COLLET_PULLER(
        "collet-puller",
        "Collet behind the ring, pulled by a slide hammer",
        "Expand the collet behind the ring as drawn; blows of the slide hammer in line with the axis."),
    SLIDE_HAMMER(
        "slide-hammer",
        "Slide hammer on the part that leaves",
        "Bolt the slide hammer to the part, blows in line with the axis."),
    DRIFT(
        "drift",
        "Drift and hammer",
        "A square-edged soft drift on the face as drawn, light blows all round the ring."),
    GREASE_RAM(
        "grease-ram",
        "Grease behind a blind bush",
        "Fill the hollow behind with grease, drive a close-fitting bar in: the grease pushes the bush out."),
    WELD_BEAD(
        "weld-bead",
        "Weld bead in the ring",
        "A bead round the raceway: cooling, it shrinks the ring and it drops."),
    RELIEF_CUT(
        "relief-cut",
        "Relief cut and crack",
        "Cut almost through the ring, stop short of the seat, crack the rest with a chisel under a cloth.");

    private final String id;
    private final String title;
    private final String how;

    Kind(String id, String title, String how) {
      this.id = id;
      this.title = title;
      this.how = how;
    }

    /** The word of the JSON interface. */
    public String id() {
      return id;
    }

    /** Whether a force goes along its path; heat, levers and time have none. */
    public boolean isForce() {
      return !EnumSet.of(LEVER, HEAT_HOUSING, HEAT_RING, WELD_BEAD, RELIEF_CUT, PENETRANT)
          .contains(this);
    }

    public String title() {
      return title;
    }

    public String how() {
      return how;
    }
  }

  /** What becomes of the bearing and the seat, the best first. */
  public enum Verdict {
    KEEPS("keeps", "keeps the bearing"),
    SCRAPS("scraps", "scraps the bearing"),
    RISKS_SEAT("risks-seat", "scraps the bearing, risks the seat"),
    NOT_POSSIBLE("not-possible", "not possible here");

    private final String id;
    private final String title;

    Verdict(String id, String title) {
      this.id = id;
      this.title = title;
    }

    /** The word of the JSON interface. */
    public String id() {
      return id;
    }

    public String title() {
      return title;
    }
  }

  public Route {
    path = List.copyOf(path);
    tools = List.copyOf(tools);
    missing = List.copyOf(missing);
    cautions = List.copyOf(cautions);
  }

  /** Whether this shop can do it. */
  public boolean isInReach() {
    return missing.isEmpty() && verdict != Verdict.NOT_POSSIBLE;
  }
}
