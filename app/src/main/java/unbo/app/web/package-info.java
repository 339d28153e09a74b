/** What every page shares: htmx's words, figures as text, problems at fields, error pages. */
package unbo.app.web;
