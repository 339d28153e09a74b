/**
 * Vehicles, their wheel positions in plan, and the school that each is kept to. Start at {@link
 * unbo.app.vehicle.Vehicle}.
 */
package unbo.app.vehicle;
