/**
 * Values with their unit, and the forgiving reading of what a mechanic types. Start at {@link
 * unbo.core.units.Length} for the value and {@link unbo.core.units.LengthEntry} for the text. The
 * inch is 25.4 mm exactly (ISO 31-1, ISO 80000-3).
 */
package unbo.core.units;
