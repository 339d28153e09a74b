package unbo.app.drawing;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import unbo.app.drawing.SectionDrawing.Format;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.PartTemplate;
import unbo.core.catalogue.Bearing;
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
      double greaseShare,
      Optional<String> selected,
      PartStates states,
      List<String> results,
      boolean inch) {}

  /**
   * An assembly for the bench and for the phone.
   *
   * @param greaseShare 0 to 1 of each hollow's volume
   * @param selected the part that is marked; null for none
   * @param results lines that the tools computed
   * @param inch whether dimensions are written in inches
   */
  public DrawnSection of(
      Assembly assembly,
      double greaseShare,
      PartTemplate selected,
      PartStates states,
      List<String> results,
      boolean inch) {
    Subject subject =
        new Subject(
            assembly.arrangement().id(),
            assembly.read(),
            assembly.measured(),
            greaseShare,
            Optional.ofNullable(selected).map(PartTemplate::id),
            states,
            List.copyOf(results),
            inch);
    return kept.get(subject, s -> draw(SectionBuilder.of(assembly, greaseShare), selected, s));
  }

  private static DrawnSection draw(Section section, PartTemplate selected, Subject subject) {
    PartStates states = subject.states();
    List<String> results = subject.results();
    boolean inch = subject.inch();
    return new DrawnSection(
        SectionDrawing.of(section, Format.BENCH.in(inch), selected, states, results),
        SectionDrawing.of(section, Format.PHONE.in(inch), selected, states, results),
        section.problems());
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
