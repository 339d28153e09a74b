package unbo.app.proving;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import unbo.app.job.Workpiece;
import unbo.app.web.Figures;
import unbo.core.verification.HardStop;
import unbo.core.verification.RoadFinding;

/** The fields of Prove: as the record fills them, and in words for the history. */
final class ProveFields {

  /** Fields whose text goes into the history, with the words for it. */
  private static final Map<String, String> TYPED =
      new TreeMap<>(
          Map.of(
              "recheckOn", "recheck on",
              "recheckKm", "recheck after km",
              "detail-wheel-nuts", "wheel nuts at Nm"));

  private ProveFields() {}

  /** The fields as the record would fill them. */
  static Map<String, String> recorded(Workpiece piece, Figures figures) {
    ProveRecord record = piece.work().sheet(ProveRecord.TYPE);
    Map<String, String> fields = new HashMap<>();
    record
        .tests()
        .forEach(
            (test, r) -> {
              if (r.isRepeated()) {
                fields.put("after-" + test.id(), r.after().text(figures));
                fields.put("after-" + test.id() + "-second", r.after().secondText(figures));
              }
            });
    fields.put("recheckOn", record.recheckOn() == null ? "" : record.recheckOn().toString());
    fields.put("recheckKm", record.recheckKm() == null ? "" : record.recheckKm().toString());
    record
        .stops()
        .forEach(
            (stop, mark) -> {
              if (!mark.waived()) {
                fields.put("stop-" + stop.id(), "on");
                fields.put("detail-" + stop.id(), mark.detail());
              }
            });
    piece
        .work()
        .getOpeningFindings()
        .forEach(
            (place, finding) -> {
              if (finding.getOutcome() != null) {
                fields.put("repeat-" + place, finding.getOutcome().name());
              }
            });
    record.findings().keySet().forEach(f -> fields.put("finding-" + f.id(), "on"));
    return fields;
  }

  /** What a form says, for the history. */
  static String describe(Map<String, String> form, ProveInput input) {
    List<String> parts = new ArrayList<>();
    input
        .tests()
        .forEach(
            (test, record) -> {
              if (record.isRepeated()) {
                parts.add(
                    test.title().toLowerCase(Locale.ROOT)
                        + " again: "
                        + form.getOrDefault("after-" + test.id(), "from Set"));
              }
            });
    for (HardStop stop : HardStop.values()) {
      if (stop.isTicked() && form.containsKey("stop-" + stop.id())) {
        parts.add("done: “" + stop.title() + "”");
      }
    }
    for (RoadFinding finding : RoadFinding.values()) {
      if (form.containsKey("finding-" + finding.id())) {
        parts.add("found: " + finding.title());
      }
    }
    TYPED.forEach(
        (field, words) -> {
          if (!form.getOrDefault(field, "").isBlank()) {
            parts.add(words + " " + form.get(field));
          }
        });
    return parts.isEmpty() ? "nothing entered" : String.join(", ", parts);
  }
}
