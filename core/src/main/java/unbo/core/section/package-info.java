/**
 * Half sections: outlines to scale, worked out from an arrangement's parts and sizes. Start at
 * {@link unbo.core.section.SectionBuilder}; {@link unbo.core.section.Section} is what comes out.
 *
 * <p>Places x are millimetres along the axis, to the right; r is the distance from the axis,
 * negative below it. Cut and uncut follow ISO 128-3: shafts, nuts, pins and rolling elements are
 * not cut lengthwise. What lies inside a bearing's envelope is estimated so that it can be drawn;
 * each kind's class says how.
 */
package unbo.core.section;
