/**
 * Same size is not the same bearing: what differs between two bearings, and whether one may take
 * the other's place at a position. Start at {@link unbo.core.comparison.Comparison}. What a
 * position asks of a bearing stands in {@link unbo.core.comparison.PositionDuty}, a table. Every
 * difference carries its reason; none is a matter of size alone.
 */
package unbo.core.comparison;
