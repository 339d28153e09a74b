package unbo.core.designation;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import unbo.core.catalogue.Basis;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Family;

/** Puts one reading together from a matched spelling and the split characters around it. */
final class ReadingBuilder {

  private static final String LOOK_AT_THE_LIP =
      " Look: steel or rubber, and does a lip touch the inner ring, or is there a gap all round?";

  /** Letters with which the steep designs of tapers begin. */
  private static final String STEEP = "BCD";

  private final String text;
  private final Marking marking;
  private final int item;
  private final List<Part> parts = new ArrayList<>();
  private final List<String> unread = new ArrayList<>();
  private final List<String> doubts = new ArrayList<>();
  private Closure left;
  private Closure right;
  private boolean isClosureHidden;
  private boolean isAngleHidden;
  private boolean isBoreHidden;
  private String clearance = "CN";
  private String tolerance = "Normal";
  private String cage = "unknown";
  private OptionalDouble angle = OptionalDouble.empty();
  private final List<String> features = new ArrayList<>();

  ReadingBuilder(String text, Marking marking, int item) {
    this.text = text;
    this.marking = marking;
    this.item = item;
  }

  void addRun(SuffixRun run, Part.Kind kind) {
    for (SuffixRun.Piece piece : run.pieces()) {
      switch (piece.kind()) {
        case KNOWN -> {
          part(piece.from(), piece.to(), kind, piece.meaning());
          apply(piece.suffix());
        }
        case PLAIN -> part(piece.from(), piece.to(), Part.Kind.BESIDE, piece.meaning());
        case CODE -> {
          String text = part(piece.from(), piece.to(), Part.Kind.BESIDE, piece.meaning());
          doubts.add("“" + text + "” is " + piece.meaning() + ".");
        }
        case WORD, FRACTION, SIZE, UNREAD ->
            unread.add(part(piece.from(), piece.to(), Part.Kind.UNREAD, piece.meaning()));
      }
      isBoreHidden |= piece.isPerhapsBore();
      isAngleHidden |=
          kind == Part.Kind.SUFFIX
              && piece.kind() == SuffixRun.Kind.UNREAD
              && STEEP.indexOf(marking.at(piece.from())) >= 0;
      isClosureHidden |= kind == Part.Kind.SUFFIX && piece.kind() == SuffixRun.Kind.UNREAD;
    }
  }

  void addBody(Spelling spelling, int from, double match) {
    Bearing bearing = spelling.bearing();
    int at = from;
    for (Spelling.Run run : spelling.runs()) {
      part(at, at + run.length(), run.kind(), run.meaning());
      at += run.length();
    }
    if (!spelling.isSpelledOut(marking, from)) {
      doubts.add("Characters were taken for " + bearing.designation() + lookAgain(bearing));
    } else if (match < spelling.weight()) {
      doubts.add("Gaps or signs are not those of " + spelling.spelled() + lookAgain(bearing));
    }
    features.addAll(spelling.features());
    doubts.addAll(spelling.notes());
    if (bearing.basis() == Basis.RECALLED) {
      doubts.add("The size is " + bearing.basis().explanation() + ".");
    }
  }

  private static String lookAgain(Bearing bearing) {
    return ": look again, or measure the bore ("
        + MetricRuns.plain(bearing.boreMm())
        + " mm) and the outside ("
        + MetricRuns.plain(bearing.outerMm())
        + " mm).";
  }

  Reading build(Spelling spelling, double confidence) {
    if (spelling.bearing().family() == Family.ANGULAR_CONTACT_BALL) {
      angularDoubts();
    }
    if (features.contains("steep")) {
      doubts.add(
          "The angle of the table is that of the number without this letter: cone and cup of the two"
              + " never mix.");
    }
    if (isAngleHidden && spelling.bearing().isTaper()) {
      doubts.add("The angle is not known: a letter that may mean a steeper one was not read.");
    }
    boolean boreInDoubt = isBoreHidden && !spelling.bearing().isTaper();
    if (boreInDoubt) {
      doubts.add(
          "The bore is in doubt: digits that may be another bore, in millimetres or sixteenths of an"
              + " inch, were not read. Measure the bore before you order.");
    }
    unreadDoubts(spelling);
    boolean closed = left != null && left != Closure.NOT_KNOWN;
    closeSides(spelling.bearing());
    Bearing bearing = closed ? spelling.closed() : spelling.bearing();
    if (bearing.widthMm() != spelling.bearing().widthMm()) {
      doubts.add(
          "Closed, it is "
              + MetricRuns.plain(bearing.widthMm())
              + " mm wide; open, "
              + MetricRuns.plain(spelling.bearing().widthMm())
              + " mm: measure the width.");
    }
    return new Reading(
        item,
        bearing,
        spelling.role(),
        left,
        right,
        clearance,
        tolerance,
        cage,
        angle(spelling.bearing()),
        List.copyOf(features),
        List.copyOf(parts),
        List.copyOf(unread),
        boreInDoubt,
        confidence,
        List.copyOf(doubts));
  }

  private void unreadDoubts(Spelling spelling) {
    if (unread.isEmpty()) {
      return;
    }
    Map<String, String> rings = OtherRing.doubts(spelling, unread);
    doubts.addAll(rings.values());
    List<String> rest = unread.stream().filter(u -> !rings.containsKey(u)).toList();
    if (!rest.isEmpty()) {
      doubts.add(
          "Not read: "
              + String.join(", ", rest)
              + ". This may be a mark, a place, or a bearing maker’s own letter, which only that maker can"
              + " explain.");
    }
  }

  /**
   * No letter for a closure means open only where every letter was understood, and never on a unit,
   * whose seals its number does not speak of.
   */
  private void closeSides(Bearing bearing) {
    if (left == null) {
      left = unsaid(bearing);
      right = left;
    }
    if (left == Closure.NOT_KNOWN) {
      doubts.add("Its closure is not known: look at both sides.");
    }
  }

  private Closure unsaid(Bearing bearing) {
    boolean unit = bearing.family() == Family.WHEEL_UNIT || bearing.family() == Family.HEADSET;
    boolean hidden = isClosureHidden && !bearing.isTaper();
    boolean shown = bearing.family().isEnvelopeOnly();
    return hidden || unit || shown ? Closure.NOT_KNOWN : Closure.OPEN;
  }

  private OptionalDouble angle(Bearing bearing) {
    if (features.contains("steep") || isAngleHidden && bearing.isTaper()) {
      return OptionalDouble.empty();
    }
    return bearing.taper().map(Bearing.TaperWidths::contactAngleDeg).orElse(angle);
  }

  /** What an angular contact number leaves open without its letters. */
  private void angularDoubts() {
    if (angle.isEmpty()) {
      doubts.add(
          "The contact angle is not known: no angle letter (C 15°, AC or A5 25°, A 30°, B 40°)."
              + " Look at the other ring and the box.");
    }
    if (!features.contains("pair")) {
      doubts.add("No pairing mark: the bearing was not ground for use in a pair.");
    }
  }

  private void apply(Suffix suffix) {
    String value = suffix.value();
    switch (suffix.kind()) {
      case CLOSURE -> close(value);
      case CLEARANCE -> clearance = value;
      case TOLERANCE -> tolerance = value;
      case TOLERANCE_AND_CLEARANCE -> {
        tolerance = value.substring(0, value.indexOf('|'));
        clearance = value.substring(value.indexOf('|') + 1);
      }
      case CAGE -> cage = value;
      case CAGE_AND_CLOSURE -> {
        cage = value.substring(0, value.indexOf('|'));
        close(value.substring(value.indexOf('|') + 1));
      }
      case ANGLE -> angle = OptionalDouble.of(Double.parseDouble(value));
      case OTHER -> {
        features.addAll(List.of(value.split("\\|")));
        if (suffix.weight() < 1) {
          doubts.add(suffix.meaning() + ": " + suffix.source() + ".");
        }
      }
    }
    if (suffix.kind() != Suffix.Kind.OTHER && suffix.weight() < 1) {
      doubts.add(
          "“"
              + suffix.spelling()
              + "” has two meanings, depending on the bearing maker; this reading uses "
              + suffix.meaning()
              + "."
              + (suffix.kind() == Suffix.Kind.CLOSURE ? LOOK_AT_THE_LIP : ""));
    }
  }

  private void close(String sides) {
    left = Closure.parse(sides.substring(0, sides.indexOf('|')));
    right = Closure.parse(sides.substring(sides.indexOf('|') + 1));
  }

  private String part(int from, int to, Part.Kind kind, String meaning) {
    int start = marking.place(from);
    int end = marking.placeAfter(to);
    String run = text.substring(start, end);
    parts.add(new Part(run, start, end, kind, meaning));
    return run;
  }
}
