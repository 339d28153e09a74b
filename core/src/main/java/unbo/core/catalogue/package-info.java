/**
 * Sizes of standard bearings, one table file a family, each row with its source and how well it is
 * founded. Start at {@link unbo.core.catalogue.Catalogue}. {@link
 * unbo.core.catalogue.TaperGeometry} estimates what lies inside the envelope, for drawings and
 * effective centres.
 */
package unbo.core.catalogue;
