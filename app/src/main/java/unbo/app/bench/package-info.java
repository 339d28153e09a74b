/**
 * The bench without a job: every arrangement drawn from sizes that stand in the address, nothing
 * kept. Start at {@link unbo.app.bench.BenchController}.
 */
package unbo.app.bench;
