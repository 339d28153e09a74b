package unbo.app.setting;

import java.util.ArrayList;
import java.util.List;
import unbo.app.job.Form;
import unbo.app.job.PaperLine;
import unbo.app.job.Workpiece;
import unbo.app.web.Figures;
import unbo.core.measure.Window;
import unbo.core.setting.NutLock;

/** What Set brings to the job sheet. */
final class SetPaper {

  private SetPaper() {}

  static List<PaperLine> of(Workpiece piece, Figures figures) {
    List<PaperLine> lines = new ArrayList<>();
    if (piece.arrangement().isSetByNutPosition()) {
      lines.addAll(nut(piece, figures));
    } else {
      lines.addAll(general(piece, figures));
    }
    SettingResults.of(piece).ifPresent(o -> lines.add(PaperLine.of("result", o.text())));
    return lines;
  }

  private static List<PaperLine> nut(Workpiece piece, Figures figures) {
    SetRecord set = SettingResults.record(piece);
    List<PaperLine> lines = new ArrayList<>();
    lines.add(PaperLine.of("setting method", piece.school().title()));
    set.nut()
        .thread()
        .flatMap(t -> set.nut().lock().map(l -> "thread " + t.text() + ", " + lock(l)))
        .ifPresent(text -> lines.add(PaperLine.of("nut", text)));
    Window window = set.nut().window();
    String source =
        set.nut().makersWindow().map(w -> w.source()).orElse("default for hand-set hubs");
    lines.add(
        PaperLine.of(
            "limits",
            figures.size(window.from()) + " to " + figures.size(window.to()) + " mm, " + source));
    readings(lines, "measured", set.first(), figures);
    readings(lines, "at the pinned hole", set.pinned(), figures);
    return lines;
  }

  private static String lock(NutLock lock) {
    return lock.isCastle()
        ? lock.slots()
            + " slots, "
            + lock.holeLines()
            + (lock.holeLines() == 1 ? " pin hole" : " pin holes")
        : "retainer";
  }

  private static void readings(
      List<PaperLine> lines, String label, List<DialReading> readings, Figures figures) {
    if (!readings.isEmpty()) {
      DialReading first = readings.get(0);
      lines.add(
          PaperLine.typed(
              label,
              readings.stream().map(DialReading::typed).toList(),
              first.person() + ", " + figures.moment(first.at())));
    }
  }

  private static List<PaperLine> general(Workpiece piece, Figures figures) {
    List<PaperLine> lines = new ArrayList<>();
    SettingResults.record(piece)
        .general()
        .forEach(
            (part, s) -> {
              String title = piece.arrangement().part(part).orElseThrow().title();
              if (!s.typed().isEmpty()) {
                String by = s.person() + ", " + figures.moment(s.at());
                lines.add(PaperLine.typed(title + ", measured in " + s.unit(), s.typed(), by));
              }
              if (s.appliedNm() != null) {
                lines.add(PaperLine.of(title + ", torque", figures.size(s.appliedNm()) + " Nm"));
              }
            });
    GeneralSet.sums(piece, Form.none())
        .ifPresent(s -> s.said().forEach(line -> lines.add(PaperLine.of(s.title(), line))));
    return lines;
  }
}
