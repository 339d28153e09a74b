package unbo.app.setting;

import java.util.Optional;
import unbo.app.job.Workpiece;
import unbo.core.setting.School;
import unbo.core.setting.SettingOutcome;

/** What a setting came to, for the stations after Set. */
public final class SettingResults {

  private SettingResults() {}

  /** The record of Set. */
  public static SetRecord record(Workpiece piece) {
    return piece.work().sheet(SetRecord.TYPE);
  }

  /** The outcome on record, empty before there is one. */
  public static Optional<SettingOutcome> of(Workpiece piece) {
    return of(piece, record(piece));
  }

  /** The outcome of a record, saved or not. */
  static Optional<SettingOutcome> of(Workpiece piece, SetRecord set) {
    if (!piece.arrangement().isSetByNutPosition()) {
      return GeneralOutcome.of(piece.assembly(), set.general());
    }
    School school = piece.school();
    return school == School.END_PLAY
        ? set.endPlay(Stage.PINNED).flatMap(r -> SettingOutcome.ofEndPlay(r, set.nut().window()))
        : OtherSchoolSheet.outcome(school, set.others(), set.nut());
  }
}
