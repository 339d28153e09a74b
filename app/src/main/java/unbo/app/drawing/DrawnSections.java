package unbo.app.drawing;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import unbo.app.drawing.SectionDrawing.Format;
import unbo.app.working.WorkingView;
import unbo.app.working.Workings;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.DimensionWorkings;
import unbo.core.arrangement.PartTemplate;
import unbo.core.catalogue.Bearing;
import unbo.core.designation.BearingFacts;
import unbo.core.section.Section;
import unbo.core.section.SectionBuilder;

/**
 * Draws sections for pages and keeps the last of them by everything that they are drawn from, so
 * that looking at a job again costs no sums and nothing kept can be out of date.
 */
@Component
public class DrawnSections {

  private static final int MOST_KEPT = 400;

  private final Cache<Subject, DrawnSection> kept =
      Caffeine.newBuilder().maximumSize(MOST_KEPT).build();
  private final Cache<String, SectionDrawing> thumbnails =
      Caffeine.newBuilder().maximumSize(MOST_KEPT).build();

  /**
   * Everything that a drawing is drawn from. An arrangement never changes, so its id stands for it.
   */
  private record Subject(
      String arrangement,
      Map<String, Bearing> read,
      Map<String, Double> measured,
      Map<String, BearingFacts> said,
      double greaseShare,
      Optional<String> selected,
      PartStates states,
      List<SectionNote> results,
      boolean inch) {}

  /**
   * An assembly for the bench and for the phone.
   *
   * @param greaseShare 0 to 1 of each hollow's volume
   * @param selected the part that is marked; null for none
   * @param results what the tools computed
   * @param inch whether dimensions are written in inches
   */
  public DrawnSection of(
      Assembly assembly,
      double greaseShare,
      PartTemplate selected,
      PartStates states,
      List<SectionNote> results,
      boolean inch) {
    Subject subject =
        new Subject(
            assembly.arrangement().id(),
            assembly.read(),
            assembly.measured(),
            assembly.said(),
            greaseShare,
            Optional.ofNullable(selected).map(PartTemplate::id),
            states,
            List.copyOf(results),
            inch);
    return kept.get(subject, s -> draw(assembly, selected, s));
  }

  private static DrawnSection draw(Assembly assembly, PartTemplate selected, Subject subject) {
    Section section = SectionBuilder.of(assembly, subject.greaseShare());
    PartStates states = subject.states();
    List<SectionNote> results = subject.results();
    boolean inch = subject.inch();
    return new DrawnSection(
        SectionDrawing.of(section, Format.BENCH.in(inch), selected, states, results),
        SectionDrawing.of(section, Format.PHONE.in(inch), selected, states, results),
        section.problems(),
        workings(assembly));
  }

  /** The workings of the written dimensions, in their order. */
  private static List<WorkingView> workings(Assembly assembly) {
    Workings workings = new Workings(SectionDrawing.DIMENSION_KEY);
    DimensionWorkings.of(assembly).forEach(w -> workings.figure("", w));
    return workings.all();
  }

  /** An arrangement as a list shows it, everything assumed. */
  public SectionDrawing thumbnail(Arrangement arrangement) {
    return thumbnails.get(
        arrangement.id(),
        id ->
            SectionDrawing.of(
                SectionBuilder.of(Assembly.assumed(arrangement)),
                Format.THUMBNAIL,
                null,
                PartStates.NONE,
                List.of()));
  }
}
