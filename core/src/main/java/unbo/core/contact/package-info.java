/**
 * Balls in their grooves: how a contact angle rises as the rings are pushed apart, and what thrust
 * that takes; how any rolling element gives way. Start at {@link unbo.core.contact.BallThrust} and
 * {@link unbo.core.contact.ElementContact}.
 */
package unbo.core.contact;
