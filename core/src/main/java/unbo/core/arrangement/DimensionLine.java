package unbo.core.arrangement;

import java.util.Optional;

/**
 * A dimension that the drawing carries.
 *
 * @param from start along the axis; for a diameter unused
 * @param to end along the axis; for a diameter the diameter itself
 * @param of the size or bearing place whose state it shares: assumed until that is measured or read
 * @param diameter whether it is a diameter at the left
 */
public record DimensionLine(
    Expression from, Expression to, Optional<String> of, boolean diameter) {}
