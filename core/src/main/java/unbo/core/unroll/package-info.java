/**
 * A ring on a photograph, laid out as a straight strip, so that a worn number can be read and a
 * raceway be laid beside a drawn one at the same pitch. Plain arrays of pixels in and out: where
 * pictures come from and go to is not known here. Start at {@link unbo.core.unroll.Unrolling}.
 */
package unbo.core.unroll;
