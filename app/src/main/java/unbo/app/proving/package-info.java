/**
 * Prove: the accusing tests again, the hard stops, waivers. Start at {@link
 * unbo.app.proving.ProveStation}.
 */
package unbo.app.proving;
