/**
 * Who works here, signing in, and what the browser is allowed to load. Start at {@link
 * unbo.app.account.SecurityConfiguration}.
 */
package unbo.app.account;
