/**
 * Vehicles in plan: which positions a kind and build of vehicle has, where they lie, and which
 * arrangement stands at each. Start at {@link unbo.core.vehicle.VehicleLayout}.
 */
package unbo.core.vehicle;
