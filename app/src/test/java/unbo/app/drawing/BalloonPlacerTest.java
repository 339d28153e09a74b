package unbo.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class BalloonPlacerTest {

  private static final BalloonPlacer PLACER = new BalloonPlacer(15, 44);

  /** Law: whatever the shape, leaders do not cross and balloons stand clear of it. */
  @Property(tries = 300)
  void leadersNeverCrossWhateverTheShape(
      @ForAll long seed, @ForAll @IntRange(min = 1, max = 14) int parts) {
    Random random = new Random(seed);
    List<Spot> shape = new ArrayList<>(List.of(new Spot(60, 300), new Spot(640, 300)));
    for (int i = 0; i < 30; i++) {
      shape.add(new Spot(60 + random.nextDouble() * 580, 80 + random.nextDouble() * 220));
    }
    List<Spot> anchors = new ArrayList<>();
    for (int i = 0; i < parts; i++) {
      Spot a = shape.get(random.nextInt(shape.size()));
      Spot b = shape.get(random.nextInt(shape.size()));
      double share = random.nextDouble();
      anchors.add(new Spot(a.x() + share * (b.x() - a.x()), a.y() + share * (b.y() - a.y())));
    }
    List<Spot> places = PLACER.place(anchors, shape, 285);
    assertThat(places).hasSize(parts);
    for (int i = 0; i < parts; i++) {
      assertThat(places.get(i).y()).isLessThanOrEqualTo(285.01);
      for (Spot spot : shape) {
        assertThat(places.get(i).distance(spot)).isGreaterThan(15);
      }
      for (int j = i + 1; j < parts; j++) {
        assertThat(Spot.cross(anchors.get(i), places.get(i), anchors.get(j), places.get(j)))
            .isFalse();
      }
    }
  }

  /** Law: what lies inside a shape moves no balloon. */
  @Property(tries = 200)
  void onlyTheOutlineCounts(@ForAll long seed) {
    Random random = new Random(seed);
    List<Spot> corners = new ArrayList<>();
    for (int i = 0; i < 9; i++) {
      corners.add(new Spot(60 + random.nextDouble() * 580, 80 + random.nextDouble() * 220));
    }
    List<Spot> all = new ArrayList<>(corners);
    for (int i = 0; i < 60; i++) {
      Spot a = corners.get(random.nextInt(9));
      Spot b = corners.get(random.nextInt(9));
      double share = random.nextDouble();
      all.add(new Spot(a.x() + share * (b.x() - a.x()), a.y() + share * (b.y() - a.y())));
    }
    Collections.shuffle(all, random);
    List<Spot> plain = PLACER.place(corners, corners, 250);
    List<Spot> filled = PLACER.place(corners, all, 250);
    for (int i = 0; i < corners.size(); i++) {
      assertThat(filled.get(i).distance(plain.get(i))).isLessThan(0.01);
    }
  }

  @Test
  void aBalloonStandsNearItsPartWhenThereIsRoom() {
    List<Spot> shape =
        List.of(new Spot(100, 300), new Spot(100, 200), new Spot(600, 200), new Spot(600, 300));
    List<Spot> places = PLACER.place(List.of(new Spot(200, 220), new Spot(500, 220)), shape, 290);
    assertThat(places.get(0).x()).isBetween(190.0, 210.0);
    assertThat(places.get(1).x()).isBetween(490.0, 510.0);
    assertThat(places.get(0).y()).isLessThan(200 - 15);
  }

  @Test
  void partsAtOnePlaceAreSpreadApart() {
    List<Spot> shape =
        List.of(new Spot(100, 300), new Spot(100, 200), new Spot(600, 200), new Spot(600, 300));
    List<Spot> same =
        List.of(new Spot(350, 220), new Spot(350, 220), new Spot(350, 220), new Spot(350, 220));
    List<Spot> places = PLACER.place(same, shape, 290);
    for (int i = 0; i < places.size(); i++) {
      for (int j = i + 1; j < places.size(); j++) {
        assertThat(places.get(i).distance(places.get(j))).isGreaterThan(30);
      }
    }
  }

  @Test
  void theHullIsConvexAndRunsFromFloorToFloor() {
    Hull hull =
        Hull.around(List.of(new Spot(0, 100), new Spot(50, 20), new Spot(100, 100)), 10, 100);
    assertThat(hull.at(0).y()).isEqualTo(100);
    assertThat(hull.at(hull.length()).y()).isEqualTo(100);
    assertThat(hull.at(hull.length() / 2).y()).isLessThan(20);
    for (double s = 2; s < hull.length() - 4; s += 2) {
      assertThat(Spot.turn(hull.at(s - 2), hull.at(s), hull.at(s + 2)))
          .as("turns one way at " + s)
          .isGreaterThan(-1e-6);
    }
  }
}
