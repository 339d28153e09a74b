package unbo.app.drawing;

import java.util.ArrayList;
import java.util.List;
import unbo.app.web.Figures;
import unbo.app.web.InchText;
import unbo.core.measure.Measured;

/**
 * The line of a note: words, and lengths that stay numbers until the line is written in millimetres
 * or in inches.
 */
public record NoteText(List<Bit> bits) {

  private static final Figures FIGURES = new Figures();

  /** A bit of a line. */
  public sealed interface Bit permits Words, Length, Unit {}

  /** Words, or a figure that is no length. */
  public record Words(String text) implements Bit {}

  /**
   * A length.
   *
   * @param fine whether it is written to the thousandth, else to the hundredth at most
   */
  public record Length(double mm, boolean fine) implements Bit {}

  /** The unit of the lengths before it. */
  public record Unit() implements Bit {}

  public NoteText {
    bits = List.copyOf(bits);
  }

  /** A line that begins with these words. */
  public static NoteText of(String words) {
    return new NoteText(List.of(new Words(words)));
  }

  public NoteText words(String words) {
    return and(new Words(words));
  }

  /** A length to the thousandth of a millimetre. */
  public NoteText fine(double mm) {
    return and(new Length(mm, true));
  }

  /** A length with at most two decimals of a millimetre. */
  public NoteText size(double mm) {
    return and(new Length(mm, false));
  }

  /** A length with its uncertainty. */
  public NoteText measured(Measured mm) {
    return fine(mm.value()).words(" ± ").fine(mm.uncertainty());
  }

  /** Ends with the unit of its lengths. */
  public NoteText unit() {
    return words(" ").and(new Unit());
  }

  private NoteText and(Bit bit) {
    List<Bit> all = new ArrayList<>(bits);
    all.add(bit);
    return new NoteText(all);
  }

  /** The line as written. */
  String text(boolean inch) {
    StringBuilder text = new StringBuilder();
    bits.forEach(bit -> text.append(text(bit, inch)));
    return text.toString();
  }

  private static String text(Bit bit, boolean inch) {
    if (bit instanceof Length length) {
      String mm = length.fine() ? FIGURES.fine(length.mm()) : FIGURES.size(length.mm());
      return inch ? InchText.inches(mm) : mm;
    }
    return bit instanceof Words words ? words.text() : inch ? "in" : "mm";
  }
}
