/**
 * Reads the table files that lie beside the classes of a concept. Start at {@link
 * unbo.core.tables.Table}. A broken table stops the start and names file, line and text.
 */
package unbo.core.tables;
