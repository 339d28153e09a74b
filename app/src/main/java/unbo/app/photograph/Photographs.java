package unbo.app.photograph;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import unbo.core.units.Problem;

/** Takes photographs in, shows and deletes them. */
@Service
public class Photographs {

  /** So many a job; then some are to be deleted first. */
  static final int MOST = 200;

  private static final int LONGEST_NAME = 120;

  private final PhotographRepository photographs;
  private final PhotographFileRepository files;
  private final PictureReader reader;
  private final TransactionTemplate transaction;
  private final Clock clock;

  Photographs(
      PhotographRepository photographs,
      PhotographFileRepository files,
      PictureReader reader,
      TransactionTemplate transaction,
      Clock clock) {
    this.photographs = photographs;
    this.files = files;
    this.reader = reader;
    this.transaction = transaction;
    this.clock = clock;
  }

  /** What a file may be called here: no folders, one line, 120 characters. */
  public static String named(String file) {
    String name = file == null ? "" : file.replaceAll(".*[/\\\\]", "");
    String line = name.replaceAll("[\\p{Cntrl}\\p{Cf}]+", " ").strip();
    return line.isEmpty()
        ? "photograph"
        : line.length() > LONGEST_NAME ? line.substring(0, LONGEST_NAME) : line;
  }

  /**
   * Takes one in. It is decoded before the record is touched.
   *
   * @param with what else is written in the same transaction, or what stops it
   * @return why it is not taken, empty when it was
   */
  public Optional<Problem> add(NewPhotograph sent, String person, Runnable with) {
    if (photographs.countByJobIdAndDeletedAtIsNull(sent.jobId()) >= MOST) {
      return Optional.of(
          new Problem(
              sent.name(), "This job has " + MOST + " photographs.", "Delete some, then send it."));
    }
    try {
      PictureReader.Prepared prepared = reader.read(sent.name(), sent.file());
      transaction.executeWithoutResult(status -> keep(sent, prepared, person, with));
      return Optional.empty();
    } catch (PictureReader.Refused e) {
      return Optional.of(e.problem());
    }
  }

  private void keep(
      NewPhotograph sent, PictureReader.Prepared prepared, String person, Runnable with) {
    with.run();
    Long id = photographs.save(new Photograph(sent, prepared, person, clock.instant())).getId();
    files.save(new PhotographFile(id, false, prepared.picture()));
    files.save(new PhotographFile(id, true, prepared.thumbnail()));
  }

  /** All of a job, the oldest first; the deleted ones too. */
  @Transactional(readOnly = true)
  public List<Photograph> of(long jobId) {
    return photographs.findByJobIdOrderById(jobId);
  }

  /** One of a job that was not deleted. */
  @Transactional(readOnly = true)
  public Optional<Photograph> find(long jobId, long id) {
    return photographs.findById(id).filter(p -> p.getJobId() == jobId && !p.isDeleted());
  }

  /** A JPEG, small or whole. */
  @Transactional(readOnly = true)
  public Optional<byte[]> picture(long jobId, long id, boolean thumbnail) {
    return find(jobId, id)
        .flatMap(p -> files.findByPhotographIdAndThumbnail(id, thumbnail))
        .map(PhotographFile::content);
  }

  /**
   * Deletes the picture; who did it and why stays.
   *
   * @param with what else is written in the same transaction, or what stops it
   */
  @Transactional
  public void delete(long jobId, long id, String person, String reason, Consumer<Photograph> with) {
    find(jobId, id)
        .ifPresent(
            p -> {
              with.accept(p);
              p.delete(person, clock.instant(), reason);
              photographs.save(p);
              files.deleteByPhotographId(id);
            });
  }
}
