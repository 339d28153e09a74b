/**
 * Grease: how much of it goes into a bearing and a hub. Start at {@link
 * unbo.core.grease.GreaseCharge}.
 */
package unbo.core.grease;
