/**
 * How a figure came about: a formula with named inputs, each with value, unit, uncertainty and
 * origin; from them the result with its uncertainty, the share of every input in it, and what would
 * settle a verdict that cannot tell. Start at {@link unbo.core.working.Working}. Uncertainties are
 * expanded, at 95 % (JCGM 100:2008); where a formula bends, by drawing (JCGM 101:2008).
 */
package unbo.core.working;
