package unbo.app.setting;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import unbo.app.drawing.NoteText;
import unbo.app.drawing.SectionNote;
import unbo.app.drawing.Sign;
import unbo.app.drawing.SpacerPicture;
import unbo.app.job.Form;
import unbo.app.job.Marks;
import unbo.app.job.Workpiece;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.app.working.Figure;
import unbo.app.working.WorkingView;
import unbo.app.working.Workings;
import unbo.core.arrangement.Adjustment;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Contact;
import unbo.core.arrangement.Hold;
import unbo.core.arrangement.PartTemplate;
import unbo.core.measure.Instrument;
import unbo.core.measure.Measured;
import unbo.core.measure.Window;
import unbo.core.setting.SettingCards;
import unbo.core.setting.SettingOutcome;
import unbo.core.setting.SettingWorkings;
import unbo.core.setting.SpacerLength;
import unbo.core.units.Digits;
import unbo.core.working.Origin;

/**
 * What the Set sheet shows for an arrangement that is not set at a castle nut: what is set by what,
 * readings against an entered window, and torques.
 *
 * @param rows what is set, then what is only tightened
 * @param problems at the fields
 * @param outcome what all of it comes to, null while nothing was entered
 * @param workings of the figures
 * @param settles what would settle what cannot be told
 * @param balls what the counts of loose balls mean, sentences
 */
public record GeneralSheet(
    List<Row> rows,
    FieldProblems problems,
    SettingOutcome outcome,
    List<WorkingView> workings,
    List<String> settles,
    List<String> balls) {

  /** A spacer that is not shorter than its distance. */
  private static final Window NOT_SHORTER = new Window(0, Double.POSITIVE_INFINITY);

  /**
   * One thing that is set or tightened.
   *
   * @param what is set, in words; empty where the part is tightened only
   * @param by what sets it; empty where the part is tightened only
   * @param unit of its readings
   * @param fields as typed, by short name
   * @param measured the figure with its working; null without a reading
   * @param words what it comes to; empty while nothing was entered
   * @param spacer a spacer against its distance, in a sentence; null where there is none
   * @param pair what it does to its bearings; null where that is not known
   * @param card how it is set, step by step; empty where it is only tightened
   * @param slack of a cone before a quick release is clamped; null elsewhere
   * @param homes a spacer between its bearings, exaggerated; null where none was measured
   * @param locking what to mind of the thread locker; empty without one
   */
  public record Row(
      String part,
      String title,
      String what,
      String by,
      String unit,
      Map<String, String> fields,
      List<Instrument> gauges,
      Figure measured,
      String verdict,
      String words,
      Figure spacer,
      SpacerRow pair,
      ConeSlack slack,
      SpacerPicture homes,
      List<String> locking,
      List<String> card) {

    /** Whether there is something to read; a clamp is known by its torque alone. */
    public boolean isSet() {
      return !by.isEmpty() && !by.equals(Adjustment.By.CLAMP.title());
    }

    /** Whether its torque alone is what sets it. */
    public boolean clamps() {
      return by.equals(Adjustment.By.CLAMP.title());
    }

    /** Whether steps or a thread locker were entered, which most nuts have not. */
    public boolean isStaged() {
      return !get("stages").isEmpty() || !get("stagesDone").isEmpty() || !get("locker").isEmpty();
    }

    public String name(String field) {
      return part + "-" + field;
    }

    public String get(String field) {
      return fields.getOrDefault(field, "");
    }
  }

  static GeneralSheet of(Workpiece piece, Form form, Figures figures) {
    Map<String, GeneralSetting> recorded = SettingResults.record(piece).general();
    GeneralInput input =
        form.typed()
            ? GeneralInput.of(piece.arrangement(), form)
            : new GeneralInput(recorded, new FieldProblems());
    Workings workings = new Workings("set");
    List<Row> rows = new ArrayList<>();
    GeneralOutcome.Spacers spacers = GeneralOutcome.spacers(piece.assembly());
    for (String part : parts(piece.arrangement())) {
      GeneralSetting setting = input.settings().getOrDefault(part, GeneralSetting.empty());
      boolean saved = recorded.containsKey(part) && setting.saysSame(recorded.get(part));
      GeneralSetting signed = saved ? recorded.get(part) : setting;
      Map<String, String> fields =
          form.typed() ? GeneralInput.typed(part, form) : GeneralInput.recorded(signed);
      rows.add(row(piece, part, signed, fields, spacers.at(part), workings, figures));
    }
    return new GeneralSheet(
        rows,
        input.problems(),
        GeneralOutcome.of(piece.assembly(), input.settings()).orElse(null),
        workings.all(),
        workings.settles(),
        ConeSlack.balls(piece.assembly()));
  }

  private static Row row(
      Workpiece piece,
      String part,
      GeneralSetting setting,
      Map<String, String> fields,
      Optional<SpacerLength> spacer,
      Workings workings,
      Figures figures) {
    Arrangement arrangement = piece.arrangement();
    Adjustment set = arrangement.adjustmentAt(part).orElse(null);
    String title = title(arrangement, part);
    String unit = set == null ? "mm" : set.by().unit();
    return new Row(
        part,
        title,
        set == null ? "" : set.what(),
        set == null ? "" : set.by().title(),
        unit,
        fields,
        Instrument.inUnit(unit),
        figure(title, setting, workings, figures),
        setting.isEntered() ? GeneralOutcome.verdict(setting).name() : "",
        setting.isEntered() ? GeneralOutcome.words(setting) : "",
        spacer.map(s -> spacer(title, s, workings)).orElse(null),
        SpacerRow.of(piece, title, spacer, workings).orElse(null),
        ConeSlack.of(piece.assembly(), set, title, workings),
        spacer
            .flatMap(s -> SpacerPicture.of(piece.assembly(), set, s.working().result().value()))
            .orElse(null),
        setting.usedLocker().map(l -> l.minding(set != null)).orElse(List.of()),
        set == null ? List.of() : SettingCards.of(set.by()));
  }

  private static Figure spacer(String title, SpacerLength s, Workings workings) {
    var e = s.working().result();
    String text = Digits.both(e.value(), e.uncertainty()) + " mm against the distance. ";
    return workings.judged(title, s.working(), NOT_SHORTER, text + s.sentence());
  }

  private static Figure figure(
      String title, GeneralSetting setting, Workings workings, Figures figures) {
    return setting
        .measured()
        .map(
            readings -> {
              var working =
                  SettingWorkings.mean(
                      "Measured", readings, setting.unit(), origin(setting, figures));
              String text = GeneralOutcome.words(setting);
              return setting
                  .window()
                  .map(w -> workings.judged(title, working, w, text))
                  .orElseGet(() -> workings.figure(title, working, text));
            })
        .orElse(null);
  }

  private static Origin origin(GeneralSetting setting, Figures figures) {
    return setting.person() == null
        ? Origin.measured("typed here, not saved yet")
        : Origin.measured(setting.person() + ", " + figures.moment(setting.at()));
  }

  /** The parts with a row: what is set, then what is tightened. */
  static Set<String> parts(Arrangement arrangement) {
    Set<String> parts = new LinkedHashSet<>();
    arrangement.adjustments().forEach(a -> parts.add(a.part()));
    for (Contact contact : arrangement.contacts()) {
      boolean tightened = contact.isHeldBy(Hold.THREADED) || contact.isHeldBy(Hold.BOLTED);
      if (tightened && contact.ring().isEmpty()) {
        parts.add(contact.part());
      }
    }
    return parts;
  }

  static String title(Arrangement arrangement, String part) {
    return arrangement.part(part).map(PartTemplate::title).orElse(part);
  }

  /** What the figures' text says on the section. */
  static List<SectionNote> notes(Arrangement arrangement, Map<String, GeneralSetting> settings) {
    List<SectionNote> notes = new ArrayList<>();
    for (String part : parts(arrangement)) {
      GeneralSetting s = settings.get(part);
      if (s != null && s.measured().isPresent()) {
        NoteText text = NoteText.of(title(arrangement, part) + " ");
        Measured read = s.measured().get().result();
        text =
            s.unit().equals("mm")
                ? text.measured(read).unit()
                : text.words(new Figures().measured(read) + " " + s.unit());
        notes.add(Marks.note(part, text).drawn(s.unit().equals("mm") ? Sign.ALONG : Sign.TURN));
      }
    }
    return notes;
  }
}
