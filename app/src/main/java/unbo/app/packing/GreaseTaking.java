package unbo.app.packing;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import unbo.app.tin.GreaseTin;
import unbo.app.tin.Taken;
import unbo.app.web.FieldProblems;
import unbo.app.web.NumberField;
import unbo.core.units.Problem;

/** The fields by which what was packed leaves a tin of the shop. */
final class GreaseTaking {

  static final String FROM = "tin-from";
  static final String GRAMS = "tin-grams";
  static final String WASTED = "tin-wasted";

  private static final double MOST_G = 5000;

  private GreaseTaking() {}

  /**
   * What is taken; empty where no tin was chosen.
   *
   * @param computed grams of the charges, for when nobody weighed what went in
   */
  static Optional<Taken> read(
      Map<String, String> fields,
      List<GreaseTin> tins,
      double computed,
      Instant at,
      FieldProblems problems) {
    String from = fields.getOrDefault(FROM, "").strip();
    Optional<Double> grams =
        NumberField.read(GRAMS, fields.getOrDefault(GRAMS, ""), 0.01, MOST_G, problems);
    Optional<Double> wasted =
        NumberField.read(WASTED, fields.getOrDefault(WASTED, ""), 0, MOST_G, problems);
    if (from.isEmpty()) {
      if (grams.isPresent() || wasted.isPresent()) {
        problems.add(FROM, new Problem("", "Out of which tin?", "Choose the tin, or empty both."));
      }
      return Optional.empty();
    }
    Optional<GreaseTin> tin =
        tins.stream().filter(t -> String.valueOf(t.getId()).equals(from)).findFirst();
    if (tin.isEmpty()) {
      problems.add(
          FROM, new Problem(from, "Not a tin that stands there.", "Choose one of the list."));
    }
    return tin.map(
        t ->
            new Taken(
                t.getId(),
                t.getName(),
                grams.orElse(Math.round(computed * 10) / 10.0),
                wasted.orElse(0.0),
                at));
  }
}
