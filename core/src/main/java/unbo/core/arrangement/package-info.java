/**
 * Arrangements: which parts stand along the axis in which order, what sits on what, what can be
 * set. Each is a template file; start at {@link unbo.core.arrangement.Arrangements}. An {@link
 * unbo.core.arrangement.Assembly} is a template with the bearings that were read and the sizes that
 * were measured; {@code unbo.core.section} draws it.
 */
package unbo.core.arrangement;
