/**
 * The Pack station: how much grease goes where, drawn into the section, counted in grams, cm³ and
 * strokes of the shop's gun. Start at {@link unbo.app.packing.PackStation}.
 */
package unbo.app.packing;
