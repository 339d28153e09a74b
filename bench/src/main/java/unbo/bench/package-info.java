/**
 * Speed, measured apart from the tests. Start at {@link unbo.bench.CoreBenchmark} for single sums
 * and drawings, at {@link unbo.bench.LoadScript} for people at work on the real pages.
 */
package unbo.bench;
