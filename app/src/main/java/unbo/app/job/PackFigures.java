package unbo.app.job;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import unbo.app.web.Figures;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.BearingPlace;
import unbo.core.arrangement.Cavity;
import unbo.core.grease.GreaseCharge;
import unbo.core.section.CavityFill;

/**
 * What a job's packing comes to.
 *
 * @param charges the charge of each bearing, by place
 * @param fills the hollows, with their titles
 */
public record PackFigures(Map<String, GreaseCharge> charges, Map<Cavity, CavityFill> fills) {

  /** The figures of a job's record; empty while nobody has chosen a duty. */
  public static Optional<PackFigures> of(Job job) {
    PackRecord pack = job.work().getPack();
    if (pack.duty().isEmpty()) {
      return Optional.empty();
    }
    Assembly assembly = job.assembly();
    Map<String, GreaseCharge> charges = new LinkedHashMap<>();
    for (BearingPlace place : job.arrangement().namedPlaces()) {
      Double mass = job.work().getMasses().get(place.id());
      charges.put(
          place.id(),
          GreaseCharge.of(
              assembly.bearing(place.id()),
              pack.share(),
              mass == null ? OptionalDouble.empty() : OptionalDouble.of(mass),
              pack.density()));
    }
    Map<Cavity, CavityFill> fills = new LinkedHashMap<>();
    for (Cavity cavity : job.arrangement().cavities()) {
      fills.put(cavity, CavityFill.of(assembly, cavity, pack.cavityShare()));
    }
    return Optional.of(new PackFigures(charges, fills));
  }

  /** The line that the section carries. */
  static Optional<String> line(Job job, Figures figures) {
    return of(job)
        .map(
            p -> {
              String bearings =
                  p.charges.values().stream()
                      .map(c -> figures.oneDecimal(c.chargeGrams().value()))
                      .collect(Collectors.joining(" + "));
              List<String> hollows =
                  p.fills.values().stream()
                      .map(f -> figures.whole(f.greaseCm3() * job.work().getPack().density()))
                      .toList();
              return "grease "
                  + bearings
                  + (hollows.isEmpty() ? "" : " + " + String.join(" + ", hollows))
                  + " g";
            });
  }
}
