/** What a position carries. Start at {@link unbo.core.load.WheelLoad}. */
package unbo.core.load;
