/**
 * What findings weigh: one engine for the causes of a complaint, for what is in a hub, and for what
 * killed a bearing. It knows hypotheses, questions and answers by their numbers only; words, tables
 * and what a finding forbids stay with those who ask. Start at {@link
 * unbo.core.evidence.Likelihoods} and {@link unbo.core.evidence.Weighing}.
 */
package unbo.core.evidence;
