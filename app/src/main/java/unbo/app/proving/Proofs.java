package unbo.app.proving;

import java.util.List;
import org.springframework.stereotype.Component;
import unbo.app.job.Job;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.core.verification.Proof;

/** What Prove came to, for the job sheet. */
@Component
public class Proofs {

  private final Figures figures;

  Proofs(Figures figures) {
    this.figures = figures;
  }

  public Proof of(Job job) {
    return ProveSheet.proof(job, figures);
  }

  /** What keeps a job's vehicle off the road, without the rest of its proof. */
  public List<String> blocking(Job job) {
    return Proof.blocking(ProveSheet.findings(job));
  }

  /** The sheet's rows, to be printed. */
  public ProveSheet sheet(Job job) {
    return ProveSheet.of(job, java.util.Map.of(), new FieldProblems(), figures);
  }

  public String recheck(Job job) {
    return ProveSheet.recheck(job, figures);
  }
}
