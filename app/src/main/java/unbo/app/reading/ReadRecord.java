package unbo.app.reading;

import java.util.LinkedHashMap;
import java.util.Map;
import unbo.app.job.SheetType;
import unbo.app.job.Station;
import unbo.core.damage.DamageQuestion;
import unbo.core.damage.DamageTables;

/**
 * The record of Read.
 *
 * @param answers what was seen, by question
 * @param words what a person adds, as typed
 * @param by who looked; empty while nobody did
 * @param looked running paths and the bench procedure, by field, as typed
 */
public record ReadRecord(
    Map<String, String> answers, String words, String by, Map<String, String> looked) {

  /** How it is kept. */
  public static final SheetType<ReadRecord> TYPE =
      SheetType.first(Station.READ, ReadRecord.class, new ReadRecord(null, null, null, null));

  public ReadRecord {
    answers = answers == null ? Map.of() : Map.copyOf(answers);
    words = words == null ? "" : words;
    by = by == null ? "" : by;
    looked = looked == null ? Map.of() : Map.copyOf(looked);
  }

  /** Answers that the tables of today still know. */
  Map<String, String> known() {
    Map<String, String> known = new LinkedHashMap<>();
    for (DamageQuestion q : DamageTables.questions()) {
      String said = answers.get(q.id());
      if (q.answers().stream().anyMatch(a -> a.id().equals(said))) {
        known.put(q.id(), said);
      }
    }
    return known;
  }
}
