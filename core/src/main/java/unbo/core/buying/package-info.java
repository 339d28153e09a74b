/**
 * What to buy for a position: one specification with a reason for every line of it, and the
 * shopping line with every spelling that means it, accepted substitutes and what to refuse. Start
 * at {@link unbo.core.buying.Specification} and {@link unbo.core.buying.ShoppingLine}. General
 * practice; the vehicle maker's part list comes first.
 */
package unbo.core.buying;
