package unbo.core.designation;

import java.util.List;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Family;

/**
 * What the reader must know of one family: which catalogue rows it spells, and what series and bore
 * code mean in it. A new family is one such class and its table rows.
 */
public interface DesignationFamily {

  Family family();

  /** The catalogue rows that belong to this family. */
  List<Bearing> bearings();

  /** What the series run means, such as "tapered roller, dimension series 02". */
  String seriesMeaning(Bearing bearing);

  /** Whether rings of this family are named cone and cup. */
  boolean hasConeAndCup();
}
