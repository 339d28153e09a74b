package unbo.app.listening;

import unbo.app.web.FieldProblems;

/**
 * How a search is ended, as typed.
 *
 * @param recheckOn a day
 * @param recheckKm a distance
 * @param note what is to be looked for again
 * @param vehicle id of the vehicle that the job is opened on
 * @param problems at the fields; null when there are none
 */
public record EndingForm(
    String recheckOn, String recheckKm, String note, String vehicle, FieldProblems problems) {

  /** What is wrong at a field; null when nothing. */
  public unbo.core.units.Problem at(String field) {
    return problems == null ? null : problems.at(field);
  }
}
