package unbo.core.strip;

import java.util.List;
import unbo.core.strip.Route.Kind;

/** What each way needs, and what to mind at it. */
final class RouteKit {

  private RouteKit() {}

  static List<Tool> tools(Kind kind) {
    return switch (kind) {
      case HEAT_HOUSING -> List.of(Tool.OVEN);
      case HEAT_RING -> List.of(Tool.INDUCTION_HEATER);
      case PRESS -> List.of(Tool.PRESS);
      case HUB_PRESS -> List.of(Tool.HUB_PRESS);
      case THREADED_ROD, NEW_PUSHES_OLD -> List.of(Tool.THREADED_ROD);
      case SCREW_DRIFT -> List.of(Tool.SCREW_DRIFT);
      case JAW_PULLER -> List.of(Tool.JAW_PULLER);
      case SPLITTER -> List.of(Tool.SPLITTER);
      case COLLET_PULLER -> List.of(Tool.COLLET_PULLER, Tool.SLIDE_HAMMER);
      case SLIDE_HAMMER -> List.of(Tool.SLIDE_HAMMER);
      case DRIFT -> List.of(Tool.DRIFT);
      case GREASE_RAM -> List.of(Tool.GREASE_RAM);
      case WELD_BEAD -> List.of(Tool.WELDER);
      case RELIEF_CUT -> List.of(Tool.CUTTING_DISC);
      case PENETRANT, LEVER -> List.of();
    };
  }

  static List<String> cautions(Kind kind) {
    String shatter = "Hardened rings shatter: eye protection, never strike a hard ring itself.";
    return switch (kind) {
      case HEAT_HOUSING ->
          List.of(
              "No flame on painted or magnesium parts, none near a tyre. Take seals and sensors out first.",
              "Gloves on. Measure with a probe or crayon at opposite sides.");
      case HEAT_RING ->
          List.of("Induction heaters and pacemakers do not go together.", "Gloves on.");
      case PRESS, HUB_PRESS, THREADED_ROD, SCREW_DRIFT, NEW_PUSHES_OLD ->
          List.of("Stand out of line. " + shatter);
      case JAW_PULLER, SPLITTER ->
          List.of("A puller that slips off flies: a cloth over it. " + shatter);
      case COLLET_PULLER, SLIDE_HAMMER, DRIFT -> List.of(shatter);
      case GREASE_RAM -> List.of("Grease under the skin is an emergency: a cloth round the bar.");
      case WELD_BEAD ->
          List.of(
              "Earth clamp on the same part: no current through another bearing. Never near a tyre, never on a sealed hollow part.");
      case RELIEF_CUT -> List.of("Stop short of the seat. " + shatter);
      case PENETRANT -> List.of("No flame near penetrant; protect the sensor and its lead.");
      case LEVER -> List.of("Do not mark the seal’s bore or the shaft.");
    };
  }
}
