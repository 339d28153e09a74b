/**
 * Shims: what a stack of depths needs, and which of the shop's shims come to it. Start at {@link
 * unbo.core.shim.ShimSum} and {@link unbo.core.shim.ShimStack}.
 */
package unbo.core.shim;
