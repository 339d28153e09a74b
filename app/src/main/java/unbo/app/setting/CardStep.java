package unbo.app.setting;

import java.util.ArrayList;
import java.util.List;
import unbo.app.working.Figure;
import unbo.app.working.Workings;
import unbo.core.setting.ProcedureCard;

/**
 * A step of the procedure card as a page shows it.
 *
 * @param pieces words and figures in their order
 * @param caution what to mind at this step, empty when nothing
 */
public record CardStep(List<Piece> pieces, String caution) {

  /** Words, or a figure with its working; the other is null. */
  public record Piece(String words, Figure figure) {}

  static List<CardStep> all(ProcedureCard card, Workings workings) {
    return card.steps().stream().map(s -> new CardStep(pieces(s, workings), s.caution())).toList();
  }

  private static List<Piece> pieces(ProcedureCard.Step step, Workings workings) {
    List<Piece> pieces = new ArrayList<>();
    String[] words = step.pattern().split("\\{}", -1);
    for (int i = 0; i < words.length; i++) {
      if (i > 0) {
        var figure = step.figures().get(i - 1);
        String text = ProcedureCard.Step.written(figure);
        pieces.add(new Piece(null, workings.figure("procedure card", figure, text)));
      }
      pieces.add(new Piece(words[i], null));
    }
    return pieces;
  }
}
