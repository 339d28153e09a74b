package unbo.app.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/**
 * A raceway unrolled, drawn from parameters: a strip of both rings with the running path, and marks
 * by their kind, place and pitch. Ours, not a photograph: to be laid beside what is on the bench.
 *
 * @param path rectangles of the running path: x, y, width, height
 * @param marks path data of marks, each with the class of its look
 * @param pitch x of each element that stood
 */
public record RacewayPicture(List<double[]> path, List<Mark> marks, List<Double> pitch) {

  public static final double WIDTH = 300;
  public static final double HEIGHT = 64;

  private static final double BAND = 26;
  private static final double PITCH = 34;
  private static final int SEED = 5;

  /** Marks of one look. */
  public record Mark(String data, String look) {}

  /** The picture of a pattern's word; an unknown one is a bare path. */
  public static RacewayPicture of(String pattern) {
    return of(pattern, 0);
  }

  /**
   * The whole way round a ring.
   *
   * @param elements how many balls or rollers stand on it; 0 when that is not known
   */
  public static RacewayPicture of(String pattern, int elements) {
    return new Maker(pattern, elements == 0 ? PITCH : WIDTH / elements).make();
  }

  /** Half the box in which a ball is drawn, and the ball's radius there. */
  public static final double ELEMENT = 32;

  private static final double BALL = 26;

  /** What a pattern leaves on an element, in a box of 64 by 64 about its middle; empty for none. */
  static List<Mark> onElement(String pattern) {
    Maker maker = new Maker(pattern, PITCH);
    switch (pattern) {
      case "flakes-loaded", "flakes-all", "one-side" -> maker.onBall(4, 5, "flake");
      case "frosted", "washboard" -> maker.onBall(90, 0.9, "dot");
      case "dents", "cage", "crack" -> maker.onBall(12, 1.6, "dent");
      case "lines" -> maker.belt("line");
      case "rust" -> maker.onBall(16, 3, "rust");
      case "smeared" -> maker.belt("smear");
      case "blue" -> maker.onBall(1, BALL, "heat");
      default -> maker.marks.clear();
    }
    return List.copyOf(maker.marks);
  }

  /** What is needed while it is drawn. */
  private static final class Maker {

    private final String pattern;
    private final double apart;
    private final Random random = new Random(SEED);
    private final List<double[]> path = new ArrayList<>();
    private final List<Mark> marks = new ArrayList<>();
    private final List<Double> pitch = new ArrayList<>();

    Maker(String pattern, double apart) {
      this.pattern = pattern;
      this.apart = apart;
    }

    RacewayPicture make() {
      for (double x = apart / 2; x < WIDTH; x += apart) {
        pitch.add(x);
      }
      switch (pattern) {
        case "flakes-loaded" -> loaded(() -> scatter(14, 105, 195, 6, "flake"));
        case "flakes-all" -> full(() -> scatter(34, 0, WIDTH, 6, "flake"));
        case "frosted" -> full(() -> scatter(220, 0, WIDTH, 0.9, "dot"));
        case "smeared" -> full(this::smears);
        case "dents" -> full(() -> scatter(70, 0, WIDTH, 1.8, "dent"));
        case "lines" -> full(() -> atPitch(0.09, "line"));
        case "rust" -> full(() -> scatter(60, 0, WIDTH, 3.4, "rust"));
        case "dents-pitch" -> loaded(() -> atPitch(0.26, "dent"));
        case "troughs" -> full(() -> atPitch(0.35, "trough"));
        case "washboard" -> full(this::ridges);
        case "one-side" -> side();
        case "opposite" -> patches();
        case "blue" -> full(() -> band("heat"));
        case "shiny" -> full(this::turned);
        case "crack" -> full(this::crack);
        case "cage" -> cage();
        case "face" -> full(() -> scatter(5, 0, WIDTH, 4, "dent"));
        default -> full(() -> {});
      }
      return new RacewayPicture(path, marks, pitch);
    }

    private void full(Runnable marks) {
      path.add(new double[] {0, (HEIGHT - BAND) / 2, WIDTH, BAND});
      marks.run();
    }

    private void loaded(Runnable marks) {
      path.add(new double[] {WIDTH * 0.3, (HEIGHT - BAND) / 2, WIDTH * 0.4, BAND});
      marks.run();
    }

    private void side() {
      path.add(new double[] {0, 6, WIDTH, BAND * 0.6});
      scatter(8, 60, 240, 4, "flake", 8, 18);
    }

    private void patches() {
      path.add(new double[] {WIDTH * 0.12, (HEIGHT - BAND) / 2, WIDTH * 0.2, BAND});
      path.add(new double[] {WIDTH * 0.68, (HEIGHT - BAND) / 2, WIDTH * 0.2, BAND});
    }

    private void scatter(int count, double from, double to, double size, String look) {
      scatter(count, from, to, size, look, (HEIGHT - BAND) / 2 + size, (HEIGHT + BAND) / 2 - size);
    }

    private void scatter(
        int count, double from, double to, double size, String look, double top, double bottom) {
      StringBuilder data = new StringBuilder();
      for (int i = 0; i < count; i++) {
        double x = from + random.nextDouble() * (to - from);
        double y = top + random.nextDouble() * (bottom - top);
        data.append(blot(x, y, size * (0.6 + 0.6 * random.nextDouble())));
      }
      marks.add(new Mark(data.toString(), look));
    }

    /** A ragged patch of seven corners. */
    private String blot(double x, double y, double size) {
      StringBuilder data = new StringBuilder();
      int corners = 7;
      for (int i = 0; i < corners; i++) {
        double angle = 2 * Math.PI * i / corners;
        double reach = size * (0.7 + 0.5 * random.nextDouble());
        Spot corner = new Spot(x + reach * Math.cos(angle), y + 0.7 * reach * Math.sin(angle));
        data.append(i == 0 ? "M" : " L").append(corner.pair());
      }
      return data.append("Z ").toString();
    }

    /** Marks where the elements stood, so wide a share of their distance. */
    private void atPitch(double share, String look) {
      double wide = share * apart;
      StringBuilder data = new StringBuilder();
      for (double x : pitch) {
        boolean inPath = path.get(0)[0] <= x && x <= path.get(0)[0] + path.get(0)[2];
        if (inPath) {
          data.append(
              "M%s %s h%s v%s h%sZ "
                  .formatted(
                      Spot.number(x - wide / 2),
                      Spot.number((HEIGHT - BAND) / 2),
                      Spot.number(wide),
                      Spot.number(BAND),
                      Spot.number(-wide)));
        }
      }
      marks.add(new Mark(data.toString(), look));
    }

    private void ridges() {
      StringBuilder data = new StringBuilder();
      for (double x = 4; x < WIDTH; x += 7) {
        data.append(
            "M%s %s v%s "
                .formatted(Spot.number(x), Spot.number((HEIGHT - BAND) / 2), Spot.number(BAND)));
      }
      marks.add(new Mark(data.toString(), "ridge"));
    }

    private void smears() {
      StringBuilder data = new StringBuilder();
      for (int i = 0; i < 22; i++) {
        double x = random.nextDouble() * (WIDTH - 60);
        double y = (HEIGHT - BAND) / 2 + 3 + random.nextDouble() * (BAND - 6);
        data.append(
            "M" + new Spot(x, y).pair() + " h" + Spot.number(20 + 40 * random.nextDouble()) + " ");
      }
      marks.add(new Mark(data.toString(), "smear"));
    }

    private void turned() {
      StringBuilder data = new StringBuilder();
      for (double y = 4; y < HEIGHT; y += 4) {
        data.append("M0 " + Spot.number(y) + " h" + Spot.number(WIDTH) + " ");
      }
      marks.add(new Mark(data.toString(), "turned"));
    }

    private void band(String look) {
      String data =
          "M0 0 h"
              + Spot.number(WIDTH)
              + " v"
              + Spot.number(HEIGHT)
              + " h"
              + Spot.number(-WIDTH)
              + "Z";
      marks.add(new Mark(data, look));
    }

    /** Bars round pockets, one of them broken. */
    private void cage() {
      StringBuilder bars = new StringBuilder();
      for (double x : pitch) {
        double middle = x + apart / 2;
        bars.append("M%s 14 v36 ".formatted(Spot.number(middle)));
      }
      marks.add(new Mark("M0 14 h300 M0 50 h300 " + bars, "ridge"));
      double broken = pitch.get(pitch.size() / 2) + apart / 2;
      marks.add(new Mark("M%s 24 l5 6 l-8 3 l6 7".formatted(Spot.number(broken)), "crack"));
    }

    /** Marks on a ball, within its outline. */
    private void onBall(int count, double size, String look) {
      StringBuilder data = new StringBuilder();
      for (int i = 0; i < count; i++) {
        double angle = 2 * Math.PI * random.nextDouble();
        double reach = Math.max(0, BALL - size - 2) * Math.sqrt(random.nextDouble());
        data.append(
            blot(ELEMENT + reach * Math.cos(angle), ELEMENT + reach * Math.sin(angle), size));
      }
      marks.add(new Mark(data.toString(), look));
    }

    /** A stripe round a ball: where it stood, or slid. */
    private void belt(String look) {
      marks.add(
          new Mark(
              look.equals("line")
                  ? "M14 24 Q32 34 50 24 v5 Q32 39 14 29Z"
                  : "M12 26 Q32 36 52 26 M12 32 Q32 42 52 32",
              look));
    }

    private void crack() {
      marks.add(new Mark("M140 2 l6 14 l-5 9 l8 16 l-4 8 l5 13", "crack"));
    }
  }
}
