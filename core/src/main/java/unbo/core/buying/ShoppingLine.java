package unbo.core.buying;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import unbo.core.arrangement.Arrangement;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.Family;
import unbo.core.comparison.Comparison;
import unbo.core.comparison.Difference;
import unbo.core.comparison.PositionDuty;
import unbo.core.comparison.Severity;
import unbo.core.comparison.Verdict;
import unbo.core.designation.Closure;
import unbo.core.designation.DesignationReader;
import unbo.core.designation.Equivalents;
import unbo.core.designation.Reading;
import unbo.core.tolerance.InternalClearances;

/**
 * What to ask for over a counter: every spelling that means the specification, what may be taken
 * instead, and what not.
 *
 * @param spellings the same thing as different makers mark it, the usual one first
 * @param substitutes what may be taken instead, the best first, with what changes
 * @param refuse what not to take, with the reason
 */
public record ShoppingLine(
    List<String> spellings, List<Substitute> substitutes, List<Refusal> refuse) {

  /** Something that may be taken instead, and what changes with it. */
  public record Substitute(String text, String changes) {}

  /** Something not to take, and why. */
  public record Refusal(String text, String reason) {}

  private static final int MOST = 6;

  private static final List<Closure> KNOWN =
      Arrays.stream(Closure.values()).filter(Closure::isKnown).toList();

  /** The line for a specification at a position. */
  public static ShoppingLine of(
      Specification specification, Arrangement at, DesignationReader reader) {
    List<String> spellings = spellings(specification);
    List<Substitute> substitutes = new ArrayList<>();
    List<Refusal> others = new ArrayList<>();
    Optional<PositionDuty> duty = PositionDuty.at(at.id());
    read(spellings.get(0), reader)
        .ifPresent(
            wanted ->
                others(specification, wanted, reader)
                    .forEach(other -> sort(wanted, other, duty, substitutes, others)));
    List<Refusal> refuse = new ArrayList<>(always(specification, duty));
    others.stream().limit(MOST).forEach(refuse::add);
    return new ShoppingLine(
        spellings, substitutes.stream().limit(MOST).toList(), List.copyOf(refuse));
  }

  /**
   * Every spelling of number, closure and clearance, as the trade stocks it; behind them those with
   * the finer class, where one is wanted: most counters have to order it. The cage is left to the
   * reasons.
   */
  private static List<String> spellings(Specification s) {
    Set<String> all = new LinkedHashSet<>(spellings(s, false));
    if (s.toleranceClass().equals("P6")) {
      all.addAll(spellings(s, true));
    }
    return List.copyOf(all);
  }

  private static List<String> spellings(Specification s, boolean fine) {
    List<String> all = new ArrayList<>();
    List<String> closures = Equivalents.closures(s.bearing().family(), s.closure());
    for (String number : Equivalents.current(s.bearing())) {
      for (String closure : closures) {
        StringBuilder text = new StringBuilder(number);
        text.append(closure.isEmpty() ? "" : "-" + closure);
        text.append(s.fullComplement() ? " V" : "");
        boolean loose = s.clearance().filter("C3"::equals).isPresent();
        text.append(fine && loose ? " P63" : fine ? " P6" : loose ? " C3" : "");
        all.add(text.toString());
      }
    }
    return all;
  }

  private static Optional<Reading> read(String text, DesignationReader reader) {
    return reader.read(text).readings().stream().findFirst();
  }

  /** Other closures and clearances of the same number, and other families of the same envelope. */
  private static List<Reading> others(Specification s, Reading wanted, DesignationReader reader) {
    Set<String> texts = new LinkedHashSet<>();
    String number = s.bearing().designation();
    String loose = s.clearance().filter("C3"::equals).isPresent() ? " C3" : "";
    if (s.bearing().family() == Family.DEEP_GROOVE_BALL) {
      for (Closure closure : KNOWN) {
        String spelled = Equivalents.closures(s.bearing().family(), closure).get(0);
        String closed = number + (spelled.isEmpty() ? "" : "-" + spelled);
        texts.add(closed + loose);
        texts.add(closed + (loose.isEmpty() ? " C3" : ""));
      }
    }
    Catalogue.standard().all().stream()
        .filter(b -> b.hasEnvelopeOf(s.bearing()) && !b.equals(s.bearing()))
        .map(b -> b.designation() + (InternalClearances.kindOf(b).isPresent() ? loose : ""))
        .forEach(texts::add);
    return texts.stream()
        .flatMap(t -> read(t, reader).stream())
        .filter(r -> !isSame(r, wanted))
        .toList();
  }

  private static boolean isSame(Reading a, Reading b) {
    return a.bearing().equals(b.bearing())
        && a.left() == b.left()
        && a.right() == b.right()
        && a.clearance().equals(b.clearance())
        && a.tolerance().equals(b.tolerance());
  }

  private static void sort(
      Reading wanted,
      Reading other,
      Optional<PositionDuty> duty,
      List<Substitute> substitutes,
      List<Refusal> refuse) {
    Comparison comparison = Comparison.of(wanted, other, duty);
    Difference worst = comparison.worst().orElse(null);
    if (worst == null) {
      return;
    }
    if (comparison.verdict() == Verdict.SUITS && worst.severity() != Severity.MATTERS) {
      substitutes.add(0, new Substitute(text(other), changes(comparison)));
    } else if (comparison.verdict() == Verdict.SUITS) {
      substitutes.add(new Substitute(text(other), changes(comparison)));
    } else if (comparison.verdict() == Verdict.FITS_BUT_UNSUITABLE) {
      refuse.add(new Refusal(text(other), worst.reason()));
    }
  }

  private static String text(Reading reading) {
    return reading.item() >= 0 && !reading.parts().isEmpty()
        ? reading.parts().stream()
            .map(
                p -> p.kind() == unbo.core.designation.Part.Kind.SUFFIX ? " " + p.text() : p.text())
            .reduce("", String::concat)
        : reading.bearing().designation();
  }

  private static String changes(Comparison comparison) {
    return comparison.differences().stream()
        .filter(d -> d.severity() != Severity.NOTE || comparison.differences().size() == 1)
        .map(d -> d.aspect() + ": " + d.reason())
        .limit(2)
        .reduce((a, b) -> a + " " + b)
        .orElse("No effect at this position.");
  }

  private static List<Refusal> always(Specification s, Optional<PositionDuty> duty) {
    List<Refusal> all = new ArrayList<>();
    boolean turns = duty.filter(d -> d.motion() != PositionDuty.Motion.OSCILLATING).isPresent();
    if (turns && s.bearing().family() == Family.DEEP_GROOVE_BALL) {
      all.add(
          new Refusal(
              "full complement (V, VRS, or a trade word for it on the box)",
              "No cage: balls or rollers rub on each other at speed, and a filling slot weakens the bearing under axial load."));
    }
    if (s.bearing().family() == Family.ANGULAR_CONTACT_BALL) {
      all.add(
          new Refusal(
              "another angle letter, or none",
              "Two different angles in one pair do not share the load."));
    }
    if (s.bearing().isTaper()) {
      all.add(new Refusal("a cone without its cup", "Cone and cup wear together: renew both."));
    }
    all.add(
        new Refusal(
            "unmarked rings",
            "Class and steel are not proved until the bearing has been measured here."));
    all.add(
        new Refusal(
            "a trade word on the box and nothing on the ring",
            "Photograph ring and box before you return the bearing."));
    return all;
  }
}
