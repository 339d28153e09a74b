/**
 * Fatigue life by ISO 281, for comparing and never as a promise. Start at {@link
 * unbo.core.life.Life}.
 */
package unbo.core.life;
