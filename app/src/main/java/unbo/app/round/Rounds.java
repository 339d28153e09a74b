package unbo.app.round;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import unbo.app.vehicle.Vehicle;
import unbo.app.web.NoSuchPage;
import unbo.core.round.RoundMeasure;
import unbo.core.round.Trend;

/** Reads and writes rounds. */
@Service
@Transactional
public class Rounds {

  private static final double SECONDS_A_DAY = 86_400;

  private final VehicleRoundRepository rounds;
  private final RoundLineRepository lines;
  private final Clock clock;

  Rounds(VehicleRoundRepository rounds, RoundLineRepository lines, Clock clock) {
    this.rounds = rounds;
    this.lines = lines;
    this.clock = clock;
  }

  @Transactional(readOnly = true)
  public VehicleRound get(long id) {
    return rounds
        .findById(id)
        .orElseThrow(() -> new NoSuchPage("There is no such walkaround check."));
  }

  @Transactional(readOnly = true)
  public List<VehicleRound> of(Vehicle vehicle) {
    return rounds.findByVehicleOrderById(vehicle);
  }

  VehicleRound start(Vehicle vehicle, String onlyAt, String person) {
    return start(vehicle, onlyAt, person, clock.instant());
  }

  /** Starts a round at a moment; the demo's past rounds begin so. */
  public VehicleRound start(Vehicle vehicle, String onlyAt, String person, Instant at) {
    return rounds.save(new VehicleRound(vehicle, onlyAt, person, at));
  }

  void note(VehicleRound round, String position, RoundForm form, String person) {
    lines.save(new RoundLine(round.getId(), position, form, person, clock.instant()));
  }

  /** Notes what was found at a moment, from fields as they would be typed. */
  public void note(
      VehicleRound round, String position, Map<String, String> fields, String person, Instant at) {
    RoundForm form = RoundForm.of(fields);
    if (!form.problems().isEmpty()) {
      throw new IllegalArgumentException(form.problems().list().toString());
    }
    lines.save(new RoundLine(round.getId(), position, form, person, at));
  }

  /** The positions of which any round of a vehicle says something. */
  @Transactional(readOnly = true)
  public Set<String> named(Vehicle vehicle) {
    return found(of(vehicle)).values().stream()
        .flatMap(lines -> lines.keySet().stream())
        .collect(Collectors.toSet());
  }

  /** Ends a round. */
  public void end(long id, String person, Instant at) {
    get(id).end(person, at);
  }

  void end(long id, String person) {
    end(id, person, clock.instant());
  }

  /** The line that counts at each position of a round: the latest. */
  @Transactional(readOnly = true)
  public Map<String, RoundLine> found(VehicleRound round) {
    return found(List.of(round)).getOrDefault(round.getId(), Map.of());
  }

  /** The lines that count, of several rounds at once, so that a long history is one question. */
  private Map<Long, Map<String, RoundLine>> found(List<VehicleRound> rounds) {
    Map<Long, Map<String, RoundLine>> found = new LinkedHashMap<>();
    lines
        .findByRoundIdInOrderById(rounds.stream().map(VehicleRound::getId).toList())
        .forEach(
            l ->
                found
                    .computeIfAbsent(l.getRoundId(), r -> new LinkedHashMap<>())
                    .put(l.getPosition(), l));
    return found;
  }

  /** Trends of a vehicle up to and with a round, by position and measure. */
  @Transactional(readOnly = true)
  public Map<String, List<Trend>> trends(VehicleRound upTo) {
    List<VehicleRound> all =
        of(upTo.getVehicle()).stream().filter(r -> r.getId() <= upTo.getId()).toList();
    Map<Long, Map<String, RoundLine>> found = found(all);
    Map<String, Map<RoundMeasure, List<Trend.Point>>> points = new LinkedHashMap<>();
    for (VehicleRound round : all) {
      double day = round.getStartedAt().getEpochSecond() / SECONDS_A_DAY;
      found
          .getOrDefault(round.getId(), Map.of())
          .values()
          .forEach(
              line -> {
                for (RoundMeasure measure : RoundMeasure.values()) {
                  line.value(measure)
                      .ifPresent(
                          v ->
                              points
                                  .computeIfAbsent(line.getPosition(), p -> new LinkedHashMap<>())
                                  .computeIfAbsent(measure, m -> new ArrayList<>())
                                  .add(new Trend.Point(day, v)));
                }
              });
    }
    Map<String, List<Trend>> trends = new LinkedHashMap<>();
    points.forEach(
        (position, measures) ->
            trends.put(
                position,
                measures.entrySet().stream()
                    .map(e -> Trend.of(e.getKey(), e.getValue()))
                    .toList()));
    return trends;
  }

  /** The round before this one on the same vehicle. */
  @Transactional(readOnly = true)
  public Optional<VehicleRound> before(VehicleRound round) {
    return of(round.getVehicle()).stream()
        .filter(r -> r.getId() < round.getId())
        .reduce((a, b) -> b);
  }
}
