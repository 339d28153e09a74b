package unbo.app.packing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import unbo.app.job.Workpiece;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.app.working.Figure;
import unbo.app.working.WorkingView;
import unbo.app.working.Workings;
import unbo.core.arrangement.BearingPlace;
import unbo.core.grease.ChargeWorkings;
import unbo.core.grease.Duty;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * What the Pack sheet shows.
 *
 * @param duties the duties to choose from
 * @param masses the mass fields
 * @param rows what goes where
 * @param total the sum; null while nothing is packed
 * @param gun the shop's gun, null while nobody has weighed it
 * @param perStroke what it gives with one stroke, null without one
 * @param fields as typed
 * @param problems at the fields
 * @param workings of the figures
 */
public record PackSheet(
    List<Duty> duties,
    List<MassField> masses,
    List<Row> rows,
    Total total,
    GreaseGun gun,
    Figure perStroke,
    Map<String, String> fields,
    FieldProblems problems,
    List<WorkingView> workings) {

  /** A field for a bearing's mass. */
  public record MassField(String name, String label) {}

  /** What goes into one bearing or hollow; strokes are null without a gun. */
  public record Row(
      String where,
      Figure free,
      Figure grams,
      Figure cm3,
      Figure strokes,
      Figure teaspoons,
      Figure bead) {}

  /**
   * All of it.
   *
   * @param strokes null without a gun
   * @param rules what the maker prescribes beside it, a sentence; empty where nothing is prescribed
   */
  public record Total(Figure grams, Figure strokes, String rules) {}

  public String get(String field) {
    return fields.getOrDefault(field, "");
  }

  static PackSheet of(
      Workpiece piece,
      PackRecord pack,
      Map<String, String> fields,
      FieldProblems problems,
      Optional<GreaseGun> gun,
      Figures f) {
    Rows rows = new Rows(gun, f);
    PackFigures.of(piece, pack).ifPresent(figures -> rows.add(piece, figures));
    return new PackSheet(
        List.of(Duty.values()),
        piece.arrangement().namedPlaces().stream().map(p -> massField(piece, p)).toList(),
        rows.rows,
        rows.total(pack.prescribedG()),
        gun.orElse(null),
        rows.perStroke(),
        fields,
        problems,
        rows.workings.all());
  }

  private static MassField massField(Workpiece piece, BearingPlace place) {
    return new MassField(
        "mass-" + place.id(), "Mass of the " + named(piece, place) + ", if weighed");
  }

  private static String named(Workpiece piece, BearingPlace place) {
    return place.id() + " " + piece.assembly().bearing(place.id()).designation();
  }

  /** The rows being made, with the workings of their figures. */
  private static final class Rows {

    private final Optional<GreaseGun> gun;
    private final Figures f;
    private final Workings workings = new Workings("pack");
    private final List<Row> rows = new ArrayList<>();
    private final List<Working> charges = new ArrayList<>();

    Rows(Optional<GreaseGun> gun, Figures f) {
      this.gun = gun;
      this.f = f;
    }

    void add(Workpiece piece, PackFigures figures) {
      figures
          .charges()
          .forEach(
              (place, w) -> {
                String where = named(piece, place);
                Working free = w.freeVolume();
                String text =
                    f.oneDecimal(free.result().value())
                        + " ± "
                        + f.oneDecimal(free.result().uncertainty())
                        + " cm³";
                add(where, workings.figure(where, free, text), w.charge(), figures);
              });
      figures
          .hollows()
          .forEach(
              (cavity, grams) -> {
                Working volume = ChargeWorkings.hollowVolume(grams);
                String text = f.oneDecimal(volume.result().value()) + " cm³";
                String where = cavity.title();
                add(where, workings.figure(where, volume, text), grams, figures);
              });
    }

    private void add(String where, Figure free, Working grams, PackFigures figures) {
      Working cm3 = ChargeWorkings.volume(grams, figures.density());
      Working spoons = ChargeWorkings.teaspoons(grams, figures.density());
      Working bead = ChargeWorkings.bead(grams, figures.density());
      double n = spoons.result().value();
      rows.add(
          new Row(
              where,
              free,
              workings.figure(where, grams, grams(grams)),
              workings.figure(where, cm3, f.oneDecimal(cm3.result().value()) + " cm³"),
              gun.map(g -> strokes(where, grams, g)).orElse(null),
              workings.figure(
                  where, spoons, f.oneDecimal(n) + (n == 1 ? " teaspoon" : " teaspoons")),
              workings.figure(
                  where, bead, f.oneDecimal(bead.result().value()) + " cm of a 1 cm bead")));
      charges.add(grams);
    }

    Total total(Double prescribed) {
      if (charges.isEmpty()) {
        return null;
      }
      Working all = ChargeWorkings.total(charges);
      return new Total(
          workings.figure("", all, f.whole(all.result().value()) + " g in all"),
          gun.map(g -> strokes("all", all, g)).orElse(null),
          prescribed == null ? "" : rules(prescribed, all));
    }

    /** The maker's quantity rules; whether the sum agrees is said beside it. */
    private String rules(double prescribed, Working all) {
      double least = all.result().least();
      double most = all.result().most();
      String beside =
          prescribed < least
              ? "The sum comes to more: keep to the maker’s."
              : prescribed > most
                  ? "The sum comes to less: the maker may count a hollow that is not here."
                  : "The sum agrees.";
      return "The maker prescribes " + f.oneDecimal(prescribed) + " g: that rules. " + beside;
    }

    private String grams(Working w) {
      return f.oneDecimal(w.result().value())
          + " ± "
          + f.oneDecimal(w.result().uncertainty())
          + " g";
    }

    /** What the gun gives with one stroke. */
    Figure perStroke() {
      return gun.map(g -> workings.figure("", perStroke(g))).orElse(null);
    }

    private Working perStroke(GreaseGun g) {
      Origin weighed = Origin.measured(g.getPerson() + ", " + f.dayOf(g.getAt()));
      return ChargeWorkings.perStroke(g.getGrams(), g.getStrokes(), weighed);
    }

    private Figure strokes(String where, Working grams, GreaseGun g) {
      Working w = ChargeWorkings.strokes(grams, perStroke(g));
      long strokes = Math.max(1, Math.round(w.result().value()));
      return workings.figure(where, w, strokes + (strokes == 1 ? " stroke" : " strokes"));
    }
  }
}
