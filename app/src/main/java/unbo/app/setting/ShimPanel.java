package unbo.app.setting;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import unbo.app.drawing.NoteText;
import unbo.app.drawing.SectionNote;
import unbo.app.drawing.ShimPicture;
import unbo.app.drawing.Sign;
import unbo.app.job.Marks;
import unbo.app.web.FieldProblems;
import unbo.app.working.Figure;
import unbo.app.working.WorkingView;
import unbo.app.working.Workings;
import unbo.core.arrangement.Adjustment;
import unbo.core.arrangement.Arrangement;
import unbo.core.measure.Instrument;
import unbo.core.measure.Measured;
import unbo.core.measure.Readings;
import unbo.core.shim.ShimStack;
import unbo.core.shim.ShimStock;
import unbo.core.shim.ShimSum;
import unbo.core.units.Digits;
import unbo.core.units.Entry;
import unbo.core.units.LengthEntry;
import unbo.core.units.Problem;
import unbo.core.units.ReadingList;

/**
 * Which shim: depths with their sign, what is wanted, and the shop's stock.
 *
 * @param needed thickness with its working; null while a depth is missing
 * @param verdict a sentence; empty while nothing was entered
 * @param stack which shims, in the order in which they go in; empty without stock
 * @param others further stacks within the tolerance
 * @param picture of the stack; null while a depth is missing
 * @param depths of the stack; empty while one is missing
 * @param best that can be booked; null where none comes within the tolerance
 * @param asked what looks like a slip in a reading or a sign, sentences
 */
public record ShimPanel(
    Map<String, String> fields,
    FieldProblems problems,
    Figure needed,
    String verdict,
    String stack,
    List<String> others,
    ShimPicture picture,
    List<ShimSum.Depth> depths,
    ShimStack best,
    List<String> asked,
    List<WorkingView> workings) {

  /** Rows of depths. */
  public static final int ROWS = 4;

  private static final int MOST_READINGS = 12;
  private static final double MOST_MM = 2000;
  private static final double USUAL_TOLERANCE_MM = 0.02;
  private static final int MOST_SHIMS = 6;
  private static final Set<Adjustment.By> SHIMMED =
      Set.of(
          Adjustment.By.SHIMS,
          Adjustment.By.PINION_SHIM,
          Adjustment.By.CIRCLIP,
          Adjustment.By.END_FLOAT);

  /** All that is kept of the panel. */
  static final List<String> NAMES = names();

  private static List<String> names() {
    List<String> all = new ArrayList<>();
    for (int i = 1; i <= ROWS; i++) {
      all.addAll(List.of("depth-" + i, "depth-" + i + "-sign", "depth-" + i + "-label"));
    }
    all.addAll(
        List.of("shim-gauge", "shim-closes", "shim-wanted", "shim-play", "shim-stock", "shim-box"));
    return List.copyOf(all);
  }

  /** Whether an arrangement is set by what is put between. */
  static boolean serves(Arrangement arrangement) {
    return arrangement.adjustments().stream().anyMatch(a -> SHIMMED.contains(a.by()));
  }

  /**
   * Reads the fields.
   *
   * @param drawnMm thickness of the shim on the section, if somebody measured it; 0 for none
   */
  static ShimPanel of(Map<String, String> fields, double drawnMm) {
    return new Reader(fields, drawnMm).read();
  }

  /** The gauges that read depths. */
  public List<Instrument> gauges() {
    return Reader.GAUGES;
  }

  public List<Integer> rows() {
    return IntStream.rangeClosed(1, ROWS).boxed().toList();
  }

  public String get(String field) {
    return fields.getOrDefault(field, "");
  }

  /** Each depth at what is put between: its arrow shows whether a greater one asks for more. */
  List<SectionNote> notes(String part) {
    return depths.stream()
        .map(
            d ->
                Marks.note(part, NoteText.of(d.label() + " ").fine(d.valueMm()).unit())
                    .drawn(d.sign() > 0 ? Sign.PUSH_RIGHT : Sign.PUSH_LEFT))
        .toList();
  }

  /** Whether anybody entered something. */
  public boolean isEntered() {
    return needed != null || !problems.isEmpty();
  }

  /** One panel being read. */
  private static final class Reader {
    private static final List<Instrument> GAUGES =
        List.of("depth-gauge", "micrometer", "caliper", "dial").stream()
            .map(i -> Instrument.withId(i).orElseThrow())
            .toList();

    private final Map<String, String> fields;
    private final FieldProblems problems = new FieldProblems();
    private final Workings workings = new Workings("shim");

    private final double drawnMm;

    Reader(Map<String, String> fields, double drawnMm) {
      this.drawnMm = drawnMm;
      this.fields = fields;
    }

    ShimPanel read() {
      List<ShimSum.Depth> depths = depths();
      double wanted = wanted();
      List<ShimStack.Shims> stock = stock();
      if (depths.isEmpty() || !problems.isEmpty()) {
        return new ShimPanel(
            fields, problems, null, "", "", List.of(), null, List.of(), null, List.of(), List.of());
      }
      int closes = get("shim-closes").equals("opens") ? -1 : 1;
      ShimSum sum = ShimSum.of(depths, closes, wanted);
      Measured value = sum.needed().result();
      Figure needed =
          workings.figure(
              "", sum.needed(), Digits.both(value.value(), value.uncertainty()) + " mm");
      Optional<ShimStack.Found> found =
          stock.isEmpty() || value.value() <= 0 ? Optional.empty() : search(value.value(), stock);
      return new ShimPanel(
          fields,
          problems,
          needed,
          verdict(sum),
          found.map(f -> said(f, value)).orElse(""),
          found
              .map(f -> f.alternatives().stream().map(a -> words(a, value.value())).toList())
              .orElse(List.of()),
          ShimPicture.of(depths, value.value()),
          depths,
          found.flatMap(ShimStack.Found::best).orElse(null),
          asked(depths, value),
          workings.all());
    }

    /** Readings of one depth further apart than their gauge; a shim unlike the one drawn. */
    private List<String> asked(List<ShimSum.Depth> depths, Measured needed) {
      List<String> asked = new ArrayList<>();
      for (int i = 1; i <= ROWS; i++) {
        List<Double> read =
            ReadingList.parse(get("depth-" + i), MOST_READINGS, Reader::mm).values();
        if (read.size() == 1) {
          asked.add(
              String.format(
                  Locale.ROOT,
                  "Depth %d was read once: lift the gauge off, set it on anew and read again. Only then a slip shows.",
                  i));
        }
        double spread = read.isEmpty() ? 0 : Collections.max(read) - Collections.min(read);
        if (!read.isEmpty() && spread > 2 * gauge().uncertaintyAt(read.get(0))) {
          asked.add(
              String.format(
                  Locale.ROOT,
                  "Depth %d: its readings are %.3f mm apart, more than the gauge. A burr, or a slip?",
                  i,
                  spread));
        }
      }
      double off = needed.value() - drawnMm;
      if (drawnMm > 0 && Math.abs(off) > Math.max(0.5, 3 * needed.uncertainty())) {
        asked.add(
            String.format(
                Locale.ROOT,
                "%.2f mm against %.2f mm on the section: a slip in a depth or a sign?",
                needed.value(),
                drawnMm));
      }
      return asked;
    }

    private String get(String field) {
      return fields.getOrDefault(field, "").strip();
    }

    private List<ShimSum.Depth> depths() {
      List<ShimSum.Depth> depths = new ArrayList<>();
      Instrument gauge = gauge();
      for (int i = 1; i <= ROWS; i++) {
        String field = "depth-" + i;
        if (!get(field).isEmpty()) {
          depth(field, gauge).ifPresent(depths::add);
        }
      }
      return depths;
    }

    private Instrument gauge() {
      return GAUGES.stream()
          .filter(g -> g.id().equals(get("shim-gauge")))
          .findFirst()
          .orElse(GAUGES.get(0));
    }

    private Optional<ShimSum.Depth> depth(String field, Instrument gauge) {
      ReadingList list = ReadingList.parse(get(field), MOST_READINGS, Reader::mm);
      list.problem().ifPresent(p -> problems.add(field, p));
      if (list.problem().isPresent()) {
        return Optional.empty();
      }
      if (list.values().stream().anyMatch(v -> !(Math.abs(v) <= MOST_MM))) {
        problems.add(
            field, new Problem(get(field), "Not a depth.", "Enter up to 2000 mm, as read."));
        return Optional.empty();
      }
      String sign = get(field + "-sign");
      if (!List.of("more", "less").contains(sign)) {
        problems.add(
            field,
            new Problem(
                get(field),
                "Its sign is left out.",
                "Choose whether a greater depth asks for more shim or for less."));
        return Optional.empty();
      }
      Measured mean = Readings.of(list.values(), gauge).result();
      String label = get(field + "-label");
      return Optional.of(
          new ShimSum.Depth(
              label.isEmpty() ? "depth " + field.substring("depth-".length()) : label,
              mean.value(),
              mean.uncertainty(),
              sign.equals("more") ? 1 : -1));
    }

    private static Entry<Double> mm(String text) {
      return LengthEntry.parse(text, LengthEntry.Unit.MILLIMETRE)
          .map(t -> t.length().millimetres());
    }

    /** Preload wanted; play counts as less than none. */
    private double wanted() {
      double preload = one("shim-wanted");
      double play = one("shim-play");
      if (preload > 0 && play > 0) {
        problems.add(
            "shim-play",
            new Problem(get("shim-play"), "Preload and play at once.", "Empty one of the two."));
      }
      return preload - play;
    }

    private double one(String field) {
      Optional<Double> mm = problems.take(field, mm(get(field)));
      if (mm.isPresent() && !(mm.get() >= 0 && mm.get() <= 5)) {
        problems.add(field, new Problem(get(field), "Not a setting.", "Enter 0 to 5 mm."));
        return 0;
      }
      return mm.orElse(0.0);
    }

    private List<ShimStack.Shims> stock() {
      return problems
          .take("shim-stock", ShimStock.parse(get("shim-stock")))
          .map(ShimStock::shims)
          .orElse(List.of());
    }

    private Optional<ShimStack.Found> search(double target, List<ShimStack.Shims> stock) {
      try {
        return Optional.of(ShimStack.search(target, USUAL_TOLERANCE_MM, MOST_SHIMS, stock));
      } catch (IllegalArgumentException e) {
        problems.add(
            "shim-stock",
            new Problem("", "Too many kinds to look at all stacks.", "Leave the thinnest out."));
        return Optional.empty();
      }
    }

    private static String verdict(ShimSum sum) {
      return switch (sum.says()) {
        case YES -> "Shim needed:";
        case NO ->
            "Less than no shim: the stack is too long already, or a sign is wrong. Needed by this sum:";
        case CANNOT_TELL ->
            "Cannot tell whether one is needed: a finer gauge, or more readings, settles it. By this sum:";
      };
    }

    private static String said(ShimStack.Found found, Measured needed) {
      ShimStack stack = found.nearest();
      if (stack.shims().isEmpty()) {
        return "No stack of this stock comes near.";
      }
      String order = stack.count() > 2 ? ", the thin ones inside" : "";
      String many = stack.count() > ShimStack.WARN_OVER ? " More than three creep and bend." : "";
      double doubt =
          Math.hypot(
              needed.uncertainty(),
              Math.sqrt(stack.count())
                  * Instrument.withId("micrometer").orElseThrow().uncertaintyAt(1));
      return (found.best().isPresent()
              ? "Put in "
              : "Nothing of this stock comes within 0.02 mm. Nearest: ")
          + words(stack, needed.value())
          + order
          + ". Measured one by one the whole is good to "
          + String.format(Locale.ROOT, "± %.3f mm.", doubt)
          + many;
    }

    private static String words(ShimStack stack, double target) {
      String shims =
          stack.shims().stream()
              .map(s -> s.count() + " × " + Digits.exact(s.thicknessMm()) + " mm")
              .collect(Collectors.joining(" + "));
      return shims
          + " = "
          + String.format(Locale.ROOT, "%.3f mm", stack.totalMm())
          + String.format(Locale.ROOT, " (%+.3f mm)", stack.errorMm(target)).replace('-', '−');
    }
  }
}
