package unbo.core.designation;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import unbo.core.catalogue.Basis;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Family;

/** Puts one reading together from a matched spelling and the split characters around it. */
final class ReadingBuilder {

  private final String text;
  private final Marking marking;
  private final int item;
  private final List<Part> parts = new ArrayList<>();
  private final List<String> unread = new ArrayList<>();
  private final List<String> doubts = new ArrayList<>();
  private Closure left = Closure.OPEN;
  private Closure right = Closure.OPEN;
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
    int unreadFrom = -1;
    for (SuffixRun.Piece piece : run.pieces()) {
      if (piece.isUnread()) {
        unreadFrom = unreadFrom < 0 ? piece.from() : unreadFrom;
        continue;
      }
      closeUnread(unreadFrom, piece.from());
      unreadFrom = -1;
      part(piece.from(), piece.to(), kind, piece.suffix().meaning());
      apply(piece.suffix());
    }
    if (unreadFrom >= 0) {
      closeUnread(unreadFrom, run.pieces().get(run.pieces().size() - 1).to());
    }
  }

  void addBody(Spelling spelling, int from, double match) {
    Bearing bearing = spelling.bearing();
    int at = from;
    for (Spelling.Run run : spelling.runs()) {
      part(at, at + run.length(), run.kind(), run.meaning());
      at += run.length();
    }
    if (match < 1) {
      doubts.add(
          "Characters were taken for "
              + bearing.designation()
              + ": look again, or measure the bore ("
              + MetricRuns.plain(bearing.boreMm())
              + " mm) and the outside ("
              + MetricRuns.plain(bearing.outerMm())
              + " mm).");
    }
    doubts.addAll(spelling.notes());
    if (bearing.basis() == Basis.RECALLED) {
      doubts.add("The size is " + bearing.basis().explanation() + ".");
    }
  }

  Reading build(Spelling spelling, double score) {
    if (spelling.bearing().family() == Family.ANGULAR_CONTACT_BALL) {
      angularDoubts();
    }
    if (!unread.isEmpty()) {
      doubts.add(
          "Not read: "
              + String.join(", ", unread)
              + ". This may be a bearing maker’s own letter or a grease code, which only that maker can decode.");
    }
    if (spelling.closedWidthMm().isPresent() && (left != Closure.OPEN || right != Closure.OPEN)) {
      doubts.add(
          "Closed, this short number is "
              + MetricRuns.plain(spelling.closedWidthMm().getAsDouble())
              + " mm wide instead of "
              + MetricRuns.plain(spelling.bearing().widthMm())
              + " mm: measure the width.");
    }
    return new Reading(
        item,
        spelling.bearing(),
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
        score,
        List.copyOf(doubts));
  }

  private OptionalDouble angle(Bearing bearing) {
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
      case CLOSURE -> {
        left = Closure.parse(value.substring(0, value.indexOf('|')));
        right = Closure.parse(value.substring(value.indexOf('|') + 1));
      }
      case CLEARANCE -> clearance = value;
      case TOLERANCE -> tolerance = value;
      case TOLERANCE_AND_CLEARANCE -> {
        tolerance = value.substring(0, value.indexOf('|'));
        clearance = value.substring(value.indexOf('|') + 1);
      }
      case CAGE -> cage = value;
      case ANGLE -> angle = OptionalDouble.of(Double.parseDouble(value));
      case OTHER -> {
        features.add(value);
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
              + ".");
    }
  }

  private void closeUnread(int from, int to) {
    if (from >= 0) {
      part(from, to, Part.Kind.UNREAD, "not read");
      Part last = parts.get(parts.size() - 1);
      unread.add(last.text());
    }
  }

  private void part(int from, int to, Part.Kind kind, String meaning) {
    int start = marking.place(from);
    int end = marking.placeAfter(to);
    parts.add(new Part(text.substring(start, end), start, end, kind, meaning));
  }
}
