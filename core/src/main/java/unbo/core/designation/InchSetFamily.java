package unbo.core.designation;

import java.util.List;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.Family;
import unbo.core.designation.Spelling.Run;
import unbo.core.tables.Table;

/**
 * Set numbers of inch tapers, {@code SET4}: a word and a number of the box that stand for a cone
 * and its cup, from {@code inch-sets.csv}. Nothing of a size is in the number, and "set of 2" is
 * written like one: it is read with little weight, and the rings decide.
 */
final class InchSetFamily implements DesignationFamily {

  private static final String WORD = "SET";
  private static final double A_WORD_AND_A_COUNT = 0.5;

  private static final List<Spelling> ALL =
      Table.read(
          InchSetFamily.class, "/unbo/core/designation/inch-sets.csv", InchSetFamily::spelling);

  @Override
  public Family family() {
    return Family.TAPERED_ROLLER;
  }

  @Override
  public boolean isMain() {
    return false;
  }

  @Override
  public boolean has(Suffix suffix) {
    return false;
  }

  @Override
  public List<Spelling> spellings() {
    return ALL;
  }

  private static Spelling spelling(Table.Row row) {
    String number = row.text("set");
    String pair = row.text("cone") + "/" + row.text("cup");
    Bearing bearing =
        Catalogue.standard()
            .find(pair)
            .orElseThrow(() -> new IllegalArgumentException("No such pair: " + pair));
    List<Run> runs =
        List.of(
            new Run(WORD.length(), Part.Kind.PREFIX, "a set of cone and cup"),
            new Run(number.length(), Part.Kind.SERIES, "number of the set, known by table only"));
    return Spelling.other(
            bearing,
            "set",
            WORD + number,
            runs,
            List.of("A set number of the box: read cone and cup themselves, " + pair + "."))
        .weighing(A_WORD_AND_A_COUNT);
  }
}
