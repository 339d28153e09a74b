package unbo.app.yard;

import java.util.List;

/**
 * What a workshop asks when it opens: what may not move, what is due, what waits for a part, and
 * who was on what.
 */
public record Morning(List<Row> stopped, List<Row> due, List<Row> waits, List<Row> people) {

  /**
   * A line of it.
   *
   * @param href where it leads
   * @param what the job or the vehicle
   * @param why what is to be known of it
   * @param urgent whether it comes before the others
   */
  public record Row(String href, String what, String why, boolean urgent) {}
}
