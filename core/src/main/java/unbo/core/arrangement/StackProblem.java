package unbo.core.arrangement;

/**
 * Something that cannot be, such as a cone that does not go on its seat.
 *
 * @param part the id of the part where it is said
 * @param title the part's title
 * @param text what is wrong and what would do
 */
public record StackProblem(String part, String title, String text) {}
