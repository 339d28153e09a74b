/**
 * What bearings cost in watts, at a position and on a vehicle, and what another choice would save.
 * Start at {@link unbo.app.drag.DragSheet} and {@link unbo.app.drag.VehicleDrag}.
 */
package unbo.app.drag;
