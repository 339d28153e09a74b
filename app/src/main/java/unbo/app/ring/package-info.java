/**
 * One photograph: shown whole, and a ring on it laid out as a strip, to read a worn number or to
 * lay a raceway beside a drawn one. Start at {@link unbo.app.ring.RingController}; the sum is
 * {@link unbo.core.unroll.Unrolling}.
 */
package unbo.app.ring;
