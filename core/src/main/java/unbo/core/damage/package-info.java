/**
 * What killed a bearing: classes of damage (ISO 15243 and what hands see), questions that narrow
 * them down, and what follows for the job. Weighed by {@link unbo.core.evidence}. Start at {@link
 * unbo.core.damage.Damage}.
 */
package unbo.core.damage;
