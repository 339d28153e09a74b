/**
 * From a measured size to standard bearings. Start at {@link unbo.core.size.SizeSearch}: any subset
 * of bore, outside, width, cone and cup width, each with the instrument that measured it, gives
 * candidates with weight, misfit and what to measure again. All sizes in millimetres.
 */
package unbo.core.size;
