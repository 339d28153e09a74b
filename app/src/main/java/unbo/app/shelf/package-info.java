/**
 * The shop's own shelf: what lies where, pieces taken and put, import and export as CSV, labels for
 * bins, and the measuring of what was bought. Start at {@link unbo.app.shelf.Shelf}; pages are in
 * {@link unbo.app.shelf.ShelfController} and its neighbours.
 */
package unbo.app.shelf;
