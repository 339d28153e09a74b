package unbo.app.drag;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import unbo.core.catalogue.Bearing;
import unbo.core.friction.Friction.Seal;
import unbo.core.lubricant.TinChoice;

/**
 * Another way for the bearings of a position to run, to set beside the present one.
 *
 * @param change what it makes of the present question
 * @param clearance what stands at another clearance; empty where it stays
 * @param price what it costs otherwise, a few words; empty for what is there
 */
public record DragChoice(
    String title,
    UnaryOperator<DragQuestion> change,
    Optional<ClearanceChoice> clearance,
    String price) {

  /** The choice that says what seals cost. */
  public static final String WITHOUT_SEALS = "Shields, or a seal left off";

  private static final int MOST_TINS = 3;

  private static DragChoice of(String title, String price, UnaryOperator<DragQuestion> change) {
    return new DragChoice(title, change, Optional.empty(), price);
  }

  /** What is there. */
  static DragChoice present(Seal seal) {
    return of("As it is, " + words(seal), "", q -> q);
  }

  /**
   * What could be there instead, one thing changed in each.
   *
   * @param seal of the present one
   * @param bearings of the position
   * @param tins of the shop, ranked
   * @param now the one whose oil is reckoned with
   * @param celsius at work
   */
  static List<DragChoice> others(
      Seal seal, List<Bearing> bearings, TinChoice tins, TinChoice.Ranked now, double celsius) {
    List<DragChoice> all = new ArrayList<>();
    all.add(of("Filled to a fifth", "renewed sooner; less to keep water out", q -> q.filled(0.2)));
    all.add(
        of(
            "A bath of such oil, no grease",
            "needs a lip that holds oil, and its level kept",
            DragQuestion::inBath));
    tins.tins().stream()
        .filter(r -> !r.isRefused() && r.tin().oil().isPresent())
        .filter(r -> !r.tin().name().equals(now.tin().name()))
        .limit(MOST_TINS)
        .map(r -> tin(r, celsius))
        .forEach(all::add);
    all.addAll(seals(seal));
    for (ClearanceChoice clearance : ClearanceChoice.of(bearings)) {
      all.add(new DragChoice(clearance.title(), q -> q, Optional.of(clearance), clearance.price()));
    }
    if (bearings.stream().allMatch(b -> b.family().isBall())) {
      all.add(
          of(
              "Ceramic balls in steel rings",
              "dear; in dirt they wear their raceways, and shock dents a steel ring sooner",
              DragQuestion::ceramic));
    }
    return all;
  }

  private static DragChoice tin(TinChoice.Ranked ranked, double celsius) {
    double viscosity = ranked.tin().oil().orElseThrow().at(celsius);
    return of(
        "Grease “%s”, %.0f mm²/s there".formatted(ranked.tin().name(), viscosity),
        "its margins stand in the list above",
        q -> q.inOil(viscosity));
  }

  private static List<DragChoice> seals(Seal seal) {
    List<DragChoice> all = new ArrayList<>();
    if (seal == Seal.CONTACT) {
      all.add(of("Light contact seals", "water gets in sooner", q -> q.sealed(Seal.LIGHT_CONTACT)));
    }
    if (seal == Seal.CONTACT || seal == Seal.LIGHT_CONTACT) {
      all.add(
          of(
              WITHOUT_SEALS,
              "only where a dry closed space lies behind that face",
              q -> q.sealed(Seal.SHIELD)));
    }
    return all;
  }

  private static String words(Seal seal) {
    return switch (seal) {
      case CONTACT -> "contact seals";
      case LIGHT_CONTACT -> "light contact seals";
      case SHIELD -> "shields or open";
      default -> "open; the hub’s own seals are not in it";
    };
  }
}
