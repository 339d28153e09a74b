package unbo.app.vehicle;

/**
 * One wheel of a vehicle in plan: front at x = 0, right positive as the driver sits.
 *
 * @param code the word in addresses and records, such as {@code axle-1-left}
 * @param title what a mechanic calls it
 * @param backMm behind the vehicle's front
 * @param rightMm right of the middle
 * @param taperPair whether the hub there is arrangement A1
 */
public record WheelPosition(
    String code, String title, double backMm, double rightMm, boolean taperPair) {}
