package unbo.core.arrangement;

/** Numbers in sentences: at most two decimals, none that are zero. */
final class Plain {

  private Plain() {}

  static String of(double value) {
    double rounded = Math.round(value * 100) / 100.0;
    return rounded == Math.rint(rounded) ? String.valueOf((long) rounded) : String.valueOf(rounded);
  }
}
