/**
 * What every page shares: htmx's words, figures as text, problems at fields, error pages, inches,
 * and fragments that are kept, see {@code KeptFragments}.
 */
package unbo.app.web;
