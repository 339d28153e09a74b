/**
 * The Pack station: how much grease goes where, drawn into the section, counted in grams, cm³ and
 * strokes of the shop's gun; how long it lasts, oil instead, cartridges. Start at {@link
 * unbo.app.packing.PackStation}. Tins, drag and speed are packages of their own.
 */
package unbo.app.packing;
