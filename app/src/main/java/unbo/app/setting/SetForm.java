package unbo.app.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import unbo.app.job.Form;
import unbo.app.job.Workpiece;
import unbo.app.web.Figures;
import unbo.core.measure.Instrument;
import unbo.core.setting.NutLock;
import unbo.core.setting.SpindleThread;

/**
 * The Set sheet as typed; nothing here is checked yet.
 *
 * @param first readings as first dialled
 * @param again readings at the pinned hole
 * @param fields the single fields by name
 */
public record SetForm(List<String> first, List<String> again, Map<String, String> fields) {

  static final String GAUGE = "gauge";
  static final String THREAD = "thread";
  static final String SLOTS = "slots";
  static final String LINES = "lines";
  static final String POSITIONS = "positions";
  static final String FROM = "windowFrom";
  static final String TO = "windowTo";
  static final String SOURCE = "windowSource";
  static final List<String> NOTED = List.of(THREAD, SLOTS, LINES, POSITIONS, FROM, TO, SOURCE);
  private static final int LEAST_FIELDS = 3;
  private static final int MOST_READINGS = 12;

  /** What was typed, or what the record holds when nothing was. */
  static SetForm of(Workpiece piece, Form form, Figures figures) {
    return form.typed() ? typed(form) : recorded(piece, figures);
  }

  static SetForm typed(Form form) {
    return new SetForm(padded(form.all("first")), padded(form.all("again")), form.single());
  }

  static SetForm recorded(Workpiece piece, Figures figures) {
    SetRecord set = SettingResults.record(piece);
    NutRecord nut = set.nut();
    NutLock lock = nut.lock().orElse(null);
    Map<String, String> fields = new java.util.HashMap<>();
    fields.put(GAUGE, nut.gauge().id());
    fields.put(THREAD, nut.thread().map(SpindleThread::text).orElse(""));
    fields.put(SLOTS, lock == null || !lock.isCastle() ? "" : String.valueOf(lock.slots()));
    fields.put(LINES, lock == null || !lock.isCastle() ? "" : String.valueOf(lock.holeLines()));
    fields.put(
        POSITIONS, lock == null || lock.isCastle() ? "" : String.valueOf(lock.positionsPerTurn()));
    nut.makersWindow()
        .ifPresent(
            w -> {
              fields.put(FROM, figures.fine(w.window().from()));
              fields.put(TO, figures.fine(w.window().to()));
              fields.put(SOURCE, w.source());
            });
    return new SetForm(readings(set, Stage.FIRST), readings(set, Stage.PINNED), fields);
  }

  public String get(String field) {
    return fields.getOrDefault(field, "");
  }

  /** A fourth field and more, for readings that scatter. */
  SetForm withOneMore(Stage stage) {
    boolean isFirst = stage == Stage.FIRST;
    return new SetForm(isFirst ? grown(first) : first, isFirst ? again : grown(again), fields);
  }

  Optional<Instrument> gauge() {
    return Instrument.withId(get(GAUGE));
  }

  List<String> readings(Stage stage) {
    return stage == Stage.FIRST ? first : again;
  }

  private static List<String> readings(SetRecord set, Stage stage) {
    return padded(set.readings(stage).stream().map(DialReading::typed).toList());
  }

  private static List<String> padded(List<String> values) {
    List<String> all = new ArrayList<>(values.subList(0, Math.min(values.size(), MOST_READINGS)));
    while (all.size() < LEAST_FIELDS) {
      all.add("");
    }
    return all;
  }

  private static List<String> grown(List<String> values) {
    List<String> all = new ArrayList<>(values);
    if (all.size() < MOST_READINGS) {
      all.add("");
    }
    return all;
  }
}
