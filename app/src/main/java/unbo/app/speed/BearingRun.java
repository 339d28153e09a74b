package unbo.app.speed;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.List;
import unbo.core.speed.TestRun;

/** A test run that somebody wrote down. */
@Entity
public class BearingRun {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String series;
  private double rpm;
  private String oil;

  @Column(name = "level_mm")
  private double levelMm;

  @Column(name = "air_c")
  private double airC;

  private String samples;
  private String person;
  private Instant at;

  protected BearingRun() {}

  public BearingRun(String series, TestRun run, String person, Instant at) {
    this.series = series;
    this.rpm = run.rpm();
    this.oil = run.oil();
    this.levelMm = run.levelMm();
    this.airC = run.airC();
    this.samples = RunForm.text(run.samples());
    this.person = person;
    this.at = at;
  }

  /** As it was measured. */
  public TestRun run() {
    List<TestRun.Sample> read = RunForm.samples(samples).orElseThrow();
    return new TestRun(rpm, oil, levelMm, airC, read);
  }

  public Long getId() {
    return id;
  }

  public String getSeries() {
    return series;
  }

  public String getPerson() {
    return person;
  }

  public Instant getAt() {
    return at;
  }
}
