package unbo.core.designation;

import java.util.List;
import unbo.core.catalogue.Family;

/**
 * What the reader must know of one family: how its catalogue rows are spelled, and what each run of
 * characters means. A new family is one such class and its table rows.
 */
public interface DesignationFamily {

  Family family();

  /** Every way in which its rows are spelled on rings and boxes. */
  List<Spelling> spellings();

  /** Whether its family's spellings in other systems come with it; one class of a family does. */
  default boolean isMain() {
    return true;
  }

  /** Whether letters mean on its numbers what they mean in the metric plan. */
  default boolean has(Suffix suffix) {
    return true;
  }

  /** Whether some of its numbers are sizes written together, which need no row. */
  default boolean decodes() {
    return false;
  }

  /** What a marking carries in itself from a place on; none where nothing {@link #decodes}. */
  default List<Spelling> decoded(Marking marking, int from) {
    return List.of();
  }
}
