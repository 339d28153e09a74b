package unbo.app.api;

import java.util.ArrayList;
import java.util.List;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.BearingPlace;
import unbo.core.catalogue.Bearing;
import unbo.core.designation.Closure;
import unbo.core.designation.Equivalents;
import unbo.core.designation.Reading;
import unbo.core.designation.ReadingReport;

/** Part numbers as read. */
record ReadingsAnswer(
    String input, List<Item> items, List<ReadingAnswer> readings, List<String> warnings) {

  /** One number in the text. */
  record Item(int start, int end, String text) {}

  /** Closures of the two sides. */
  record Seals(String left, String right) {}

  /** A run of characters and what it meant. */
  record PartAnswer(String text, int start, int end, String meaning) {}

  /** One reading; a null angle is not known. */
  record ReadingAnswer(
      int item,
      String designation,
      String family,
      String series,
      String role,
      double boreMm,
      double outerMm,
      double widthMm,
      int rows,
      Double contactAngleDeg,
      Seals seals,
      String clearance,
      String tolerance,
      String cage,
      List<PartAnswer> parts,
      List<String> unread,
      List<String> equivalents,
      double confidence,
      List<String> doubts,
      String source,
      String basis) {}

  static ReadingsAnswer of(ReadingReport report, Arrangement position) {
    List<String> warnings = new ArrayList<>();
    report.problem().ifPresent(p -> warnings.add(p.sentence()));
    if (position != null) {
      report.readings().stream()
          .limit(1)
          .filter(r -> !suits(r.bearing(), position))
          .forEach(
              r ->
                  warnings.add(
                      "No place of arrangement "
                          + position.id()
                          + " takes a "
                          + r.bearing().family().title()
                          + "."));
    }
    return new ReadingsAnswer(
        report.input(),
        report.items().stream().map(i -> new Item(i.start(), i.end(), i.text())).toList(),
        report.readings().stream().map(ReadingsAnswer::reading).toList(),
        List.copyOf(warnings));
  }

  private static boolean suits(Bearing bearing, Arrangement position) {
    return position.places().stream()
        .map(BearingPlace::kind)
        .anyMatch(k -> k.family().filter(f -> f == bearing.family()).isPresent());
  }

  private static ReadingAnswer reading(Reading reading) {
    Bearing bearing = reading.bearing();
    return new ReadingAnswer(
        reading.item(),
        bearing.designation(),
        bearing.family().interfaceWord(),
        bearing.series(),
        reading.role(),
        bearing.boreMm(),
        bearing.outerMm(),
        bearing.widthMm(),
        bearing.family().rows(),
        angle(reading),
        new Seals(known(reading.left()), known(reading.right())),
        reading.clearance(),
        reading.tolerance(),
        reading.cage(),
        reading.parts().stream()
            .map(p -> new PartAnswer(p.text(), p.start(), p.end(), p.meaning()))
            .toList(),
        reading.unread(),
        Equivalents.of(bearing),
        reading.confidence(),
        reading.doubts(),
        bearing.source(),
        bearing.basis().word());
  }

  /** Not known is null, as everywhere in the interface. */
  private static String known(Closure closure) {
    return closure.isKnown() ? closure.id() : null;
  }

  private static Double angle(Reading reading) {
    var angle = reading.contactAngleDeg();
    return angle.isPresent() ? angle.getAsDouble() : null;
  }
}
