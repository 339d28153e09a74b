/**
 * The trade's sums, tables and rules. Pure Java: no framework, no page, no clock, no files but the
 * resources beside these classes. Start at a concept: {@code designation} reads part numbers,
 * {@code catalogue} holds sizes, {@code arrangement} builds a section from dimensions, {@code
 * measure} turns readings into a result with its uncertainty, {@code setting} solves the castle
 * nut, {@code verification} decides what may be called proved.
 *
 * <p>Lengths are millimetres inside, angles degrees at the edge. Nothing is null unless a type says
 * {@code Optional}. References run one way: everything may use {@code units} and {@code tables};
 * nothing there uses the rest.
 */
package unbo.core;
