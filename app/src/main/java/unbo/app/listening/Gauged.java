package unbo.app.listening;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import unbo.app.drawing.PolarTrace;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.app.working.Figure;
import unbo.app.working.WorkingView;
import unbo.core.diagnosis.DiagnosisTest;
import unbo.core.vehicle.VehicleLayout;
import unbo.core.verification.AccusingTest;

/**
 * A test that is measured: what was typed, what it comes to, and the answer that it speaks for.
 *
 * @param fields as typed
 * @param problems at the fields
 * @param lines what it comes to, in sentences
 * @param answer the answer that the figures speak for; empty while they do not
 * @param trace the polar trace of a run-out; null for the others
 * @param numbers for the job's record, by accusing test and wheel
 * @param workings of the figures
 */
public record Gauged(
    Map<String, String> fields,
    FieldProblems problems,
    List<Line> lines,
    String answer,
    PolarTrace trace,
    List<Number> numbers,
    List<WorkingView> workings) {

  /** A sentence; where it carries a computed figure, with its working; or a constant, given. */
  public record Line(String text, Figure figure, boolean given) {}

  /** The sentences alone. */
  public List<String> words() {
    return lines.stream().map(Line::text).toList();
  }

  static final String NONE = "none";

  /** A figure for the job: the test, the wheel, and its two values. */
  public record Number(AccusingTest test, String wheel, double value, Double second) {}

  public String get(String field) {
    return fields.getOrDefault(field, "");
  }

  /** Whether something was typed at all. */
  public boolean isTyped() {
    return fields.values().stream().anyMatch(v -> !v.isBlank());
  }

  /** As it is kept with the answer: empty when nothing was typed. */
  String stored() {
    return fields.entrySet().stream()
        .filter(e -> !e.getValue().isBlank())
        .map(e -> e.getKey() + "=" + e.getValue().replaceAll("[;=\\r\\n]+", " ").strip())
        .collect(Collectors.joining(";"));
  }

  /** Reads what is kept with an answer. */
  static Gauged kept(
      DiagnosisTest test, VehicleLayout layout, String answer, String stored, Figures figures) {
    Map<String, String> form = new LinkedHashMap<>();
    for (String pair : stored.split(";")) {
      String[] parts = pair.split("=", 2);
      if (parts.length == 2) {
        form.put(parts[0], parts[1]);
      }
    }
    form.putIfAbsent("wheel", answer);
    return of(test, layout, form, "given", figures);
  }

  /** Reads a form; fields of other tests are left out. */
  static Gauged of(
      DiagnosisTest test, VehicleLayout layout, Map<String, String> form, Figures figures) {
    return of(test, layout, form, "gauge", figures);
  }

  private static Gauged of(
      DiagnosisTest test,
      VehicleLayout layout,
      Map<String, String> form,
      String prefix,
      Figures figures) {
    GaugeReader reader = new GaugeReader(test, layout, form, prefix, figures);
    TwoWheelMeasures twoWheels = new TwoWheelMeasures(reader);
    switch (test.measure()) {
      case "rock" -> reader.rock();
      case "heat" -> reader.heat();
      case "run-out" -> reader.runOut();
      case "swing" -> twoWheels.swing();
      case "seal-grip" -> twoWheels.sealGrip();
      case "lift" -> twoWheels.lift();
      case "clicks" -> twoWheels.clicks();
      default -> {
        // A test without a measurement takes no fields.
      }
    }
    return reader.gauged();
  }

  /** Fields of a test that are asked for each wheel. */
  static List<DiagnosisTest.Answer> wheels(DiagnosisTest test) {
    return test.answers().stream().filter(a -> !a.id().equals(NONE)).toList();
  }
}
