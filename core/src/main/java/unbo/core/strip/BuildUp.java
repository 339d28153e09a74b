package unbo.core.strip;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.Contact;
import unbo.core.arrangement.Hold;
import unbo.core.section.SectionBuilder;
import unbo.core.section.SectionPart;
import unbo.core.section.Shape;
import unbo.core.section.TurnsFree;

/**
 * An arrangement put together part by part, without having been taken apart: the order of coming
 * off, backwards. Source: geometry of the section. Limits: along the axis only; sizes as measured,
 * else assumed.
 *
 * @param stages in the order of the build
 */
public record BuildUp(List<Stage> stages) {

  /**
   * What one step adds.
   *
   * @param step that adds it, with all that is on then; nothing of what is left out
   * @param addedMm by how much the whole grows along the axis
   * @param lengthMm of the whole then
   * @param splines of what was added
   * @param unset parts of it that stand against something that is left out, so that nothing sets
   *     their place
   * @param free what stands still against what turns, of the parts that are on
   */
  public record Stage(
      StripStep step,
      double addedMm,
      double lengthMm,
      List<Spline> splines,
      List<Unset> unset,
      TurnsFree free) {}

  /**
   * Splines that hold a part.
   *
   * @param engagedMm how far they reach into each other; empty while nothing sets the place
   */
  public record Spline(String part, String other, OptionalDouble engagedMm) {}

  /** A part whose place another would set, which is left out. */
  public record Unset(String part, String missing) {}

  public BuildUp {
    stages = List.copyOf(stages);
  }

  /**
   * Builds it up.
   *
   * @param without ids of parts that are left out, as a kit or a forgotten spacer has it
   */
  public static BuildUp of(Assembly assembly, Set<String> without) {
    return new Builder(assembly, without).build();
  }

  /** What is needed while it is built. */
  private static final class Builder {
    private final Assembly assembly;
    private final Arrangement arrangement;
    private final Set<String> without;
    private final List<SectionPart> drawn;

    Builder(Assembly assembly, Set<String> without) {
      this.assembly = assembly;
      this.arrangement = assembly.arrangement();
      this.without = without;
      this.drawn = SectionBuilder.of(assembly).parts();
    }

    BuildUp build() {
      List<StripStep> steps = new ArrayList<>(StripOrder.of(assembly).steps());
      Collections.reverse(steps);
      List<Stage> stages = new ArrayList<>();
      double before = 0;
      for (StripStep step : steps) {
        Optional<StripStep> kept = kept(step);
        if (kept.isPresent()) {
          if (stages.isEmpty()) {
            before = length(rest(kept.get()));
          }
          Stage stage = stage(kept.get(), before);
          stages.add(stage);
          before = stage.lengthMm();
        }
      }
      return new BuildUp(stages);
    }

    private Optional<StripStep> kept(StripStep step) {
      List<String> parts = step.parts().stream().filter(p -> !without.contains(id(p))).toList();
      List<String> among = step.among().stream().filter(p -> !without.contains(id(p))).toList();
      return parts.isEmpty()
          ? Optional.empty()
          : Optional.of(
              new StripStep(
                  parts, step.way(), step.right(), step.frees(), step.tight(), step.base(), among));
    }

    private static List<String> rest(StripStep step) {
      return step.among().stream().filter(p -> !step.parts().contains(p)).toList();
    }

    /** A ring of a whole bearing is a piece of its part. */
    private static String id(String piece) {
      int slash = piece.indexOf('/');
      return slash < 0 ? piece : piece.substring(0, slash);
    }

    private Stage stage(StripStep step, double before) {
      List<String> on = step.among().stream().map(Builder::id).distinct().toList();
      double length = length(step.among());
      List<Unset> unset = unset(step);
      return new Stage(
          step,
          length - before,
          length,
          splines(step, on, unset),
          unset,
          TurnsFree.of(assembly, on::contains));
    }

    private List<Unset> unset(StripStep step) {
      List<Unset> unset = new ArrayList<>();
      for (String part : step.parts().stream().map(Builder::id).distinct().toList()) {
        for (Contact c : arrangement.contactsOf(part)) {
          String other = c.part().equals(part) ? c.other() : c.part();
          if (c.kind() == Contact.Kind.AGAINST && without.contains(id(other))) {
            unset.add(new Unset(part, id(other)));
          }
        }
      }
      return List.copyOf(unset);
    }

    private List<Spline> splines(StripStep step, List<String> on, List<Unset> unset) {
      List<String> added = step.parts().stream().map(Builder::id).toList();
      return arrangement.contacts().stream()
          .filter(c -> c.isHeldBy(Hold.SPLINED))
          .filter(c -> on.contains(id(c.part())) && on.contains(id(c.other())))
          .filter(c -> added.contains(id(c.part())) || added.contains(id(c.other())))
          .map(c -> spline(id(c.part()), id(c.other()), unset))
          .toList();
    }

    private Spline spline(String part, String other, List<Unset> unset) {
      boolean set = unset.stream().noneMatch(u -> u.part().equals(part) || u.part().equals(other));
      double from = Math.max(least(List.of(part)), least(List.of(other)));
      double to = Math.min(most(List.of(part)), most(List.of(other)));
      return new Spline(
          part, other, set && to > from ? OptionalDouble.of(to - from) : OptionalDouble.empty());
    }

    private double length(List<String> pieces) {
      List<String> parts = pieces.stream().map(Builder::id).toList();
      return pieces.isEmpty() ? 0 : most(parts) - least(parts);
    }

    private double least(List<String> parts) {
      return end(parts, Shape::leastX).min(Double::compare).orElse(0.0);
    }

    private double most(List<String> parts) {
      return end(parts, Shape::mostX).max(Double::compare).orElse(0.0);
    }

    private Stream<Double> end(List<String> parts, ToDoubleFunction<Shape> side) {
      return drawn.stream()
          .filter(p -> parts.contains(p.part().id()))
          .flatMap(p -> p.shapes().stream())
          .filter(s -> s.look() != Shape.Look.OUTSIDE && s.look() != Shape.Look.GREASE)
          .map(side::applyAsDouble);
    }
  }
}
