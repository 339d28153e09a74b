/**
 * What may be called proved: the tests that accused the bearing done again, the hard stops, the
 * findings that keep a vehicle off the road. Start at {@link unbo.core.verification.Proof}.
 */
package unbo.core.verification;
