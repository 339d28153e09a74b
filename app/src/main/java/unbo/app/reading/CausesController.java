package unbo.app.reading;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import unbo.app.job.JobLists;
import unbo.app.job.Station;
import unbo.core.damage.PublishedShares;

/** What bearings die of in this workshop, beside what is published. */
@Controller
class CausesController {

  /** Fewer readings say little. */
  private static final int FEW = 20;

  private final JobLists jobs;

  CausesController(JobLists jobs) {
    this.jobs = jobs;
  }

  /**
   * A group of causes.
   *
   * @param percent of the workshop's own; −1 while it has none
   */
  public record Row(PublishedShares.Group group, int count, int percent) {}

  @GetMapping("/causes")
  String causes(Model model) {
    List<Map<String, String>> readings =
        jobs.withSheetOf(Station.READ).stream()
            .map(j -> j.work().sheet(ReadRecord.TYPE).known())
            .toList();
    Map<PublishedShares.Group, Integer> counts = PublishedShares.count(readings);
    int all = counts.values().stream().mapToInt(Integer::intValue).sum();
    model.addAttribute(
        "rows",
        counts.entrySet().stream()
            .map(
                e ->
                    new Row(
                        e.getKey(),
                        e.getValue(),
                        all == 0 ? -1 : Math.round(100f * e.getValue() / all)))
            .toList());
    model.addAttribute("all", all);
    model.addAttribute("few", all < FEW);
    return "causes";
  }
}
