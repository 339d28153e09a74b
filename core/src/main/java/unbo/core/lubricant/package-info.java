/**
 * Oils and thickeners: how thick an oil is at work, whether it parts the surfaces, and which
 * greases may meet. Start at {@link unbo.core.lubricant.Film} and {@link
 * unbo.core.lubricant.Mixing}.
 */
package unbo.core.lubricant;
