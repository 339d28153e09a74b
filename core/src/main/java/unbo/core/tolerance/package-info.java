/**
 * What a ring may measure and how loose a bearing is inside: limits of bore, outside and width by
 * tolerance class (ISO 492, ABMA 19.2) and groups of radial internal clearance (ISO 5753-1). Sizes
 * in millimetres, limits in micrometres off the nominal size. Start at {@link
 * unbo.core.tolerance.RingTolerances} and {@link unbo.core.tolerance.InternalClearances}; {@link
 * unbo.core.tolerance.ToleranceCard} puts both together for one bearing.
 */
package unbo.core.tolerance;
