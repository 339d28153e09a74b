/**
 * Lip seals on a worn shaft: whether the lip can run on a fresh line by another depth of the seal,
 * and what else there is. Start at {@link unbo.core.seal.FreshLine}.
 */
package unbo.core.seal;
