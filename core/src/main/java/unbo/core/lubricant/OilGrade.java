package unbo.core.lubricant;

import java.util.List;
import unbo.core.tables.Table;

/**
 * Viscosity grades of ISO 3448, with what an ordinary mineral oil of viscosity index 95 has at 100
 * °C.
 *
 * @param grade its number, the viscosity at 40 °C in mm²/s
 * @param oil with both viscosities
 */
public record OilGrade(int grade, Oil oil) {

  private static final List<OilGrade> ALL =
      Table.read(
          OilGrade.class,
          "/unbo/core/lubricant/oil-grades.csv",
          row ->
              new OilGrade(
                  (int) row.number("grade"), new Oil(row.number("grade"), row.number("v100"))));

  /** The thinnest first. */
  public static List<OilGrade> all() {
    return ALL;
  }

  /** How thick, in words. */
  public String title() {
    return "ISO VG " + grade;
  }
}
