/**
 * The working of figures as pages and paper show it. A sheet collects its figures in {@link
 * unbo.app.working.Workings}; the template puts a button where the figure stands and the slips at
 * the end of the answer.
 */
package unbo.app.working;
