/**
 * Reads part numbers off a ring or a box: every plausible reading, ranked, each saying what every
 * run of characters meant and what stayed unread. Start at {@link
 * unbo.core.designation.DesignationReader}. A family is one class that implements {@link
 * unbo.core.designation.DesignationFamily} and its rows in the tables: sizes beside {@link
 * unbo.core.catalogue.Catalogue}, letters in {@code suffixes.csv}.
 *
 * <p>Sources: ISO 15 and ISO 355 for the plans, ISO 5753-1 and ISO 492 for clearance and class;
 * letters for seals, cages and designs are common trade usage and carry that word.
 */
package unbo.core.designation;
