package unbo.app.setting;

import java.util.Optional;
import java.util.stream.Stream;
import unbo.app.job.Job;
import unbo.core.setting.School;

/**
 * A sheet that was filled for a school which the vehicle has left since, perhaps at another of its
 * jobs. Nothing of it is written; what was typed is shown.
 *
 * @param school what the sheet was for
 * @param now what the vehicle keeps to
 * @param typed what stood in the fields
 */
public record LeftSchool(School school, School now, String typed) {

  static Optional<LeftSchool> of(Job job, School school, Stream<String> fields) {
    School now = job.school();
    return school == now
        ? Optional.empty()
        : Optional.of(
            new LeftSchool(
                school,
                now,
                String.join(", ", fields.filter(f -> f != null && !f.isBlank()).toList())));
  }
}
