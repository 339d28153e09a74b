package unbo.app.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import unbo.app.round.Rounds;
import unbo.app.round.VehicleRound;
import unbo.app.vehicle.Vehicle;

/** The demo's rounds: two past ones over a trailer, and a third that waits for its last hubs. */
@Component
@Profile("demo")
class DemoRounds {

  private final Rounds rounds;
  private final Clock clock;

  DemoRounds(Rounds rounds, Clock clock) {
    this.rounds = rounds;
    this.clock = clock;
  }

  void walk(Vehicle grebe) {
    VehicleRound spring = begin(grebe, 190);
    look(spring, 190, "axle-1-left", "smooth", "0.18", "33");
    look(spring, 190, "axle-2-left", "smooth", "0.22", "35");
    look(spring, 190, "axle-2-right", "smooth", "0.20", "34");
    look(spring, 190, "axle-1-right", "smooth", "0.17", "33");
    rounds.end(spring.getId(), DemoYard.MECHANIC, ago(190));
    VehicleRound summer = begin(grebe, 96);
    look(summer, 96, "axle-1-left", "smooth", "0.19", "38");
    look(summer, 96, "axle-2-left", "smooth", "0.29", "42");
    look(summer, 96, "axle-2-right", "smooth", "0.21", "39");
    look(summer, 96, "axle-1-right", "smooth", "0.19", "38");
    rounds.end(summer.getId(), DemoYard.APPRENTICE, ago(96));
    VehicleRound now = begin(grebe, 0.2);
    look(now, 0.2, "axle-2-left", "rough", "0.44", "52");
    look(now, 0.2, "axle-2-right", "smooth", "0.21", "37");
  }

  private VehicleRound begin(Vehicle vehicle, double daysAgo) {
    return rounds.start(vehicle, "", DemoYard.MECHANIC, ago(daysAgo));
  }

  private void look(
      VehicleRound round, double daysAgo, String position, String feel, String play, String heat) {
    rounds.note(
        round,
        position,
        Map.of("feel", feel, "play", play, "heat", heat),
        DemoYard.MECHANIC,
        ago(daysAgo));
  }

  private Instant ago(double days) {
    return clock.instant().minus(Duration.ofMinutes(Math.round(days * 24 * 60)));
  }
}
