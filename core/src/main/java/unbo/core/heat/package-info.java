/**
 * Heat that frees a press fit: how warm a seat must be, and how warm it may get. Start at {@link
 * unbo.core.heat.LooseningHeat}.
 */
package unbo.core.heat;
