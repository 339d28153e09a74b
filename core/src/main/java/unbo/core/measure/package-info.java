/**
 * From readings to a result with its uncertainty, and from a result to a verdict against a window.
 * Start at {@link unbo.core.measure.Readings}. Every uncertainty is expanded, at 95 % (JCGM
 * 100:2008, 6.2).
 */
package unbo.core.measure;
