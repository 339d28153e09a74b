/** Speed, measured apart from the tests. Start at {@link unbo.bench.CoreBenchmark}. */
package unbo.bench;
