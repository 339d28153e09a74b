/**
 * What every request passes before anything else looks at it: names that this bench answers to,
 * bounds of address, headers and body, how much one address may have under way, and the cleaning of
 * what was typed. Start at {@link unbo.app.guard.RequestGuard}; the figures are in {@link
 * unbo.app.guard.Bounds}.
 */
package unbo.app.guard;
