/**
 * Fits of a bearing's two seats: zones of ISO 286, interference from classes or readings, pressure
 * and force by Lamé, the clearance that is left mounted and hot, and what would be right. Start at
 * {@link unbo.core.fit.Fit}; {@link unbo.core.fit.IsoZone} knows the zones.
 */
package unbo.core.fit;
