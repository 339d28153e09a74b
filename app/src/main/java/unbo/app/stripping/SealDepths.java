package unbo.app.stripping;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import unbo.app.job.Form;
import unbo.app.web.FieldProblems;
import unbo.core.measure.Instrument;
import unbo.core.seal.FreshLine;
import unbo.core.units.LengthEntry;
import unbo.core.units.Problem;

/**
 * What was measured at a seal, as typed: so that it is shown as it was.
 *
 * @param typed by field
 * @param instrument its id
 */
public record SealDepths(Map<String, String> typed, String instrument) {

  static final List<Field> FIELDS =
      List.of(
          new Field("seal-room", "Face to ring or cage", "from the housing’s face inwards"),
          new Field("seal-seat", "Depth of the seat", "to its shoulder or its end"),
          new Field("seal-width", "Width of the seal", "its case"),
          new Field("seal-depth", "Depth of the old seal", "before it comes out; 0 is flush"),
          new Field("seal-groove", "Width of the groove", "on the shaft; 0 for none"));

  static final String USUAL = "depth-gauge";
  private static final double LONGEST_MM = 300;

  /** One of the lengths. */
  public record Field(String id, String label, String hint) {}

  public SealDepths {
    typed = typed == null ? Map.of() : Map.copyOf(typed);
    instrument = instrument == null ? USUAL : instrument;
  }

  /** What a form says; empty when no field of it was filled. */
  static Optional<SealDepths> of(Form form) {
    Map<String, String> typed = new LinkedHashMap<>();
    FIELDS.stream()
        .filter(f -> !form.get(f.id()).isBlank())
        .forEach(f -> typed.put(f.id(), form.get(f.id()).strip()));
    return typed.isEmpty()
        ? Optional.empty()
        : Optional.of(new SealDepths(typed, form.get("seal-instrument")));
  }

  /** What can measure a depth or a width. */
  static List<Instrument> instruments() {
    return Instrument.all().stream()
        .filter(i -> List.of("depth-gauge", "caliper", "vernier", "rule").contains(i.id()))
        .toList();
  }

  public Instrument used() {
    return instruments().stream()
        .filter(i -> i.id().equals(instrument))
        .findFirst()
        .orElseGet(() -> Instrument.withId(USUAL).orElseThrow());
  }

  /** What follows; empty while a length is missing, or wrong and said so at its field. */
  Optional<FreshLine> read(FieldProblems problems) {
    double[] mm = new double[FIELDS.size()];
    boolean whole = true;
    for (int i = 0; i < mm.length; i++) {
      OptionalDouble read = length(FIELDS.get(i), problems);
      whole &= read.isPresent();
      mm[i] = read.orElse(0);
    }
    if (!whole || mm[4] == 0) {
      return Optional.empty();
    }
    try {
      FreshLine.Depths depths =
          new FreshLine.Depths(mm[0], mm[1], mm[2], mm[3], mm[4], used().uncertaintyAt(mm[0]));
      return Optional.of(FreshLine.of(depths, used().name()));
    } catch (IllegalArgumentException e) {
      problems.add(
          "seal-depth",
          new Problem(
              typed.get("seal-depth"),
              "With its width the seal would reach beyond its seat.",
              "Measure seat, width and depth from the same face."));
      return Optional.empty();
    }
  }

  private OptionalDouble length(Field field, FieldProblems problems) {
    String text = typed.getOrDefault(field.id(), "");
    if (text.isBlank()) {
      return OptionalDouble.empty();
    }
    Optional<Double> mm =
        problems
            .take(field.id(), LengthEntry.parse(text, LengthEntry.Unit.MILLIMETRE))
            .map(t -> t.length().millimetres());
    if (mm.isPresent() && !(mm.get() >= 0 && mm.get() <= LONGEST_MM)) {
      problems.add(
          field.id(), new Problem(text, "Not a depth of a seal’s seat.", "Enter 0 to 300 mm."));
      return OptionalDouble.empty();
    }
    return mm.map(OptionalDouble::of).orElse(OptionalDouble.empty());
  }

  /** A length that was read; 0 while it is missing. */
  double mm(String field) {
    return length(
            FIELDS.stream().filter(f -> f.id().equals(field)).findFirst().orElseThrow(),
            new FieldProblems())
        .orElse(0);
  }
}
