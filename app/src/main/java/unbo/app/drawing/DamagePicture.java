package unbo.app.drawing;

import java.util.List;

/**
 * A class of damage on all that shows it: the ring that stands, the ring that turns, an element,
 * and seat, face or cage where that is where it shows. A load that stays in its place marks a part
 * of the standing ring and the whole way round of the turning one.
 *
 * @param strips with their titles
 * @param element marks on a ball, path data with their looks; empty where it shows nothing
 */
public record DamagePicture(List<Strip> strips, List<RacewayPicture.Mark> element) {

  /** One strip of a ring or cage. */
  public record Strip(String title, RacewayPicture picture) {}

  /** The picture of a pattern's word. */
  public static DamagePicture of(String pattern) {
    return new DamagePicture(strips(pattern), RacewayPicture.onElement(pattern));
  }

  private static List<Strip> strips(String pattern) {
    return switch (pattern) {
      case "shiny" ->
          List.of(
              new Strip("raceway", RacewayPicture.of("path")),
              new Strip("seat of the ring that turned", RacewayPicture.of("shiny")));
      case "face" ->
          List.of(
              new Strip("face or shield", RacewayPicture.of("face")),
              new Strip("raceway", RacewayPicture.of("path")));
      case "cage" ->
          List.of(
              new Strip("cage", RacewayPicture.of("cage")),
              new Strip("raceway, its pieces rolled in", RacewayPicture.of("face")));
      case "opposite" ->
          List.of(
              new Strip("ring in the pinched seat", RacewayPicture.of("opposite")),
              new Strip("the other ring", RacewayPicture.of("path")));
      default ->
          List.of(
              new Strip("ring that stands", RacewayPicture.of(pattern)),
              new Strip("ring that turns", RacewayPicture.of(turning(pattern))));
    };
  }

  /** The turning ring carries its load once round; what happened while it stood is on both. */
  private static String turning(String pattern) {
    return pattern.equals("flakes-loaded") ? "flakes-all" : pattern;
  }
}
