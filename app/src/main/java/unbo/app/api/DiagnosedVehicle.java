package unbo.app.api;

import java.util.Optional;
import unbo.core.diagnosis.DiagnosisModel;
import unbo.core.vehicle.VehicleKind;
import unbo.core.vehicle.VehicleLayout;

/** The vehicle that a program asks about: its kind, and its build and axles where it says them. */
final class DiagnosedVehicle {

  private static final int MOST_AXLES = 3;

  private DiagnosedVehicle() {}

  /** Its model; empty where there is no such kind, build or number of axles. */
  static Optional<DiagnosisModel> model(String kind, String build, Integer axles) {
    Optional<VehicleLayout> some = VehicleKind.withId(kind).flatMap(DiagnosisModel::someLayout);
    if (build.isEmpty() && axles == null) {
      return VehicleKind.withId(kind).flatMap(DiagnosisModel::some);
    }
    return some.filter(l -> isBuilt(l, build) && isAxles(axles))
        .map(
            l ->
                new VehicleLayout(
                    l.kind(),
                    build.isEmpty() ? l.kind().builds().get(0) : build,
                    axles == null || l.kind() != VehicleKind.TRAILER ? l.axles() : axles,
                    l.trackMm(),
                    l.axleDistanceMm() > 0 ? l.axleDistanceMm() : l.lengthMm() / 10,
                    l.lengthMm()))
        .flatMap(DiagnosisModel::of);
  }

  /** Axles as typed: null for none, 0 for what is no number of axles. */
  static Integer axles(String typed) {
    if (typed.isBlank()) {
      return null;
    }
    return typed.strip().matches("\\d{1,2}") ? Integer.valueOf(typed.strip()) : Integer.valueOf(0);
  }

  private static boolean isBuilt(VehicleLayout layout, String build) {
    return build.isEmpty() || layout.kind().builds().contains(build);
  }

  private static boolean isAxles(Integer axles) {
    return axles == null || axles >= 1 && axles <= MOST_AXLES;
  }

  /** Which of the three there is no model for. */
  static Refusal.FieldProblem problem(String kind, String build, String axles, String kinds) {
    Optional<VehicleLayout> some = VehicleKind.withId(kind).flatMap(DiagnosisModel::someLayout);
    if (some.isEmpty()) {
      return new Refusal.FieldProblem("vehicleKind", kind, kinds);
    }
    return isBuilt(some.get(), build)
        ? new Refusal.FieldProblem("axles", axles, "1 to " + MOST_AXLES + ".")
        : new Refusal.FieldProblem(
            "build", build, String.join(", ", some.get().kind().builds()) + ".");
  }
}
