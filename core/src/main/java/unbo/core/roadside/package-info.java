/**
 * For the driver away from the shop: from a few plain signs to stop, crawl off the road, or finish
 * gently and book. Start at {@link unbo.core.roadside.RoadCard}. It promises no distance and never
 * says that something is fit to drive.
 */
package unbo.core.roadside;
