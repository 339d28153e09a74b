package unbo.app.fitting;

import java.util.Optional;
import unbo.app.job.Workpiece;
import unbo.app.web.FieldProblems;
import unbo.core.fit.Fit;
import unbo.core.fit.FitInput;
import unbo.core.fit.Spread;

/**
 * Radial clearance of a bearing once mounted, for stations that build on it: likely, as saved at
 * Fit; else its group's middle, unmounted, and said so.
 *
 * @param um radial, µm
 * @param u95 its uncertainty at 95 %: limits are taken three standard deviations away
 * @param said where it comes from, in words
 */
public record MountedClearance(double um, double u95, boolean fromFit, String said) {

  /** At a place; empty for what has no clearance group. */
  public static Optional<MountedClearance> of(Workpiece piece, String place) {
    Optional<FitPlace> found =
        FitPlace.of(piece).stream().filter(p -> p.id().equals(place)).findFirst();
    return found.flatMap(p -> of(piece, p));
  }

  private static Optional<MountedClearance> of(Workpiece piece, FitPlace place) {
    FitRecord record = piece.work().sheet(FitRecord.TYPE);
    FitFields fields =
        new FitFields(record.at(place.id()), place, piece.arrangement(), new FieldProblems());
    Optional<Spread> mounted =
        fields
            .input(place.group(piece))
            .flatMap(in -> Fit.of(in).clearance())
            .map(Fit.Ladder::mounted);
    if (mounted.isPresent()) {
      return Optional.of(
          new MountedClearance(
              mounted.get().likely(),
              2 * mounted.get().sigma(),
              true,
              "mounted, likely, from Fit"));
    }
    return fields
        .group(place.group(piece))
        .map(FitInput.Group::limits)
        .map(
            g ->
                new MountedClearance(
                    (g.minUm() + g.maxUm()) / 2,
                    (g.maxUm() - g.minUm()) / 3,
                    false,
                    "middle of its group, unmounted: save Fit for what is left mounted"));
  }
}
