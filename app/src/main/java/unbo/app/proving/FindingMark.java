package unbo.app.proving;

import java.time.Instant;

/** Who found something that keeps the vehicle off the road, and when. */
public record FindingMark(String person, Instant at) {}
