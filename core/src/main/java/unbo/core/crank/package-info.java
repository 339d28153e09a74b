/**
 * Crankshaft mains: two tight ball bearings that leave nothing free along the axis, and how a built
 * crank is trued. Start at {@link unbo.core.crank.CrankPinch}.
 */
package unbo.core.crank;
