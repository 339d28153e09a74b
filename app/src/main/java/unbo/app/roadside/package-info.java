/**
 * The card for the driver on the road: one page, without signing in and without script. Start at
 * {@link unbo.app.roadside.RoadCardController}.
 */
package unbo.app.roadside;
