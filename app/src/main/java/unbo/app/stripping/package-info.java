/**
 * Strip: the order in which a section comes apart, the ways for each tight ring, and what was kept
 * as it came off. Start at {@link unbo.app.stripping.StripStation}.
 */
package unbo.app.stripping;
