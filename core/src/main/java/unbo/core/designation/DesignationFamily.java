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
}
