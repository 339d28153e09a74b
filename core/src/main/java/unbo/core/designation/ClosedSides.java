package unbo.core.designation;

import java.util.Optional;

/** What closes the two sides of a bearing; empty for a side of which it is not known. */
public record ClosedSides(Optional<Closure> left, Optional<Closure> right) {}
