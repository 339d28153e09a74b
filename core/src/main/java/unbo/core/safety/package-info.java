/**
 * Cautions that must stand where the work meets the danger. Start at {@link
 * unbo.core.safety.Cautions}.
 */
package unbo.core.safety;
