package unbo.app.setting;

import java.util.Optional;
import unbo.app.job.EndPlayKey;
import unbo.app.job.Job;
import unbo.core.setting.School;
import unbo.core.setting.SettingOutcome;

/** What a job's setting came to in the vehicle's school, for the stations after Set. */
public final class SettingResults {

  private SettingResults() {}

  /** The outcome on record, empty before there is one. */
  public static Optional<SettingOutcome> of(Job job) {
    School school = job.getVehicle().getSchool();
    return school == School.END_PLAY
        ? job.work()
            .endPlay(EndPlayKey.Stage.PINNED)
            .flatMap(r -> SettingOutcome.ofEndPlay(r, job.work().getNut().window()))
        : OtherSchoolSheet.outcome(school, job.work().getOtherSchools());
  }
}
