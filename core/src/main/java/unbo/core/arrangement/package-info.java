/**
 * Arrangements: which parts stand along the axis in which order, and the section that their
 * dimensions give. Start at {@link unbo.core.arrangement.TaperHub} for arrangement A1, the
 * adjustable taper pair on a fixed spindle, and {@link unbo.core.arrangement.Section} for what
 * comes out.
 *
 * <p>Axial places x are millimetres outboard from the back face of the inboard cone; r is the
 * distance from the axis, negative below it. Cut and uncut follow ISO 128-3: shafts, nuts, pins and
 * rolling elements are not cut lengthwise.
 */
package unbo.core.arrangement;
