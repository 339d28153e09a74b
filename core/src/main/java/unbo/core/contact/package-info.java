/**
 * Balls in their grooves: how a contact angle rises as the rings are pushed apart, and what thrust
 * that takes. Start at {@link unbo.core.contact.BallThrust}.
 */
package unbo.core.contact;
