/**
 * From noise, play and feel to a cause: causes, tests and how answers fit them are tables; the
 * engine knows nothing of vehicles. Start at {@link unbo.core.diagnosis.DiagnosisModel}, then
 * {@link unbo.core.diagnosis.Diagnosis}.
 */
package unbo.core.diagnosis;
