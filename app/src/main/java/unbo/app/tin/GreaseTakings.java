package unbo.app.tin;

import java.util.List;

/** What jobs took out of the tins: the sheets of the station that packs know it. */
public interface GreaseTakings {

  /** Grease that a job took. */
  record Use(long jobId, Taken taken) {}

  /** All that jobs have taken, as their sheets stand now. */
  List<Use> all();
}
