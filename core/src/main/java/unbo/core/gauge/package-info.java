/**
 * A stand-in for a connected gauge: a dial, a caliper, a thermometer, a spring scale that read a
 * true value with noise, drift and the steps of their own scale. For practice and for trying the
 * way by which a real gauge would send. Start at {@link unbo.core.gauge.SimulatedGauge}.
 */
package unbo.core.gauge;
