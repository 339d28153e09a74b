package unbo.app.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import unbo.app.job.Form;
import unbo.app.web.FieldProblems;
import unbo.app.web.NumberField;
import unbo.core.load.WheelLoad;
import unbo.core.setting.SettingDuty;
import unbo.core.setting.SettingDuty.Case;
import unbo.core.units.Problem;

/** Shares of the road that a wheel runs straight, in bends and over rough ground. */
final class LifeDuty {

  /** Load of rough ground, over that at rest: middle of what is usual, 1.1 to 1.5. */
  private static final double ROUGH = 1.3;

  private static final List<String> FIELDS = List.of("life-outside", "life-inside", "life-rough");

  private final Form form;
  private final FieldProblems problems;

  LifeDuty(Form form, FieldProblems problems) {
    this.form = form;
    this.problems = problems;
  }

  /** Empty where no share was entered, or they are more than the whole. */
  Optional<SettingDuty> of(RowLoads.Wheel wheel, RowLoads.Hubs hubs) {
    List<Double> shares =
        FIELDS.stream()
            .map(f -> NumberField.read(f, form.get(f).strip(), 0, 100, problems).orElse(0.0))
            .toList();
    double sum = shares.stream().mapToDouble(Double::doubleValue).sum();
    if (sum > 100) {
      problems.add(
          FIELDS.get(0),
          new Problem(
              form.get(FIELDS.get(0)),
              "More than the whole road.",
              "Enter shares that come to 100 % at most; the rest is straight."));
    }
    if (sum == 0 || !problems.isEmpty()) {
      return Optional.empty();
    }
    List<Case> cases = new ArrayList<>();
    add(cases, "straight", 100 - sum, hubs, load(wheel, 1, 0, true));
    add(cases, "outside in bends", shares.get(0), hubs, load(wheel, 1, wheel.sideG(), true));
    add(cases, "inside in bends", shares.get(1), hubs, load(wheel, 1, wheel.sideG(), false));
    add(cases, "rough", shares.get(2), hubs, load(wheel, ROUGH, 0, true));
    return Optional.of(new SettingDuty(cases));
  }

  private static WheelLoad load(RowLoads.Wheel wheel, double more, double side, boolean outside) {
    return WheelLoad.of(
        more * wheel.newtons(), 0, wheel.offsetMm(), wheel.radiusMm(), side, outside);
  }

  private static void add(
      List<Case> cases, String title, double share, RowLoads.Hubs hubs, WheelLoad load) {
    if (share > 0) {
      cases.add(new Case(title, share, hubs.of(load)));
    }
  }
}
