/**
 * The application around the core, one package a feature. Start at {@code job}: a job's record and
 * its page. The stations' worksheets ({@code naming}, {@code setting}, {@code proving}, {@code
 * booking}) hang themselves into that page; {@code drawing} turns core results into SVG view
 * models.
 */
package unbo.app;
