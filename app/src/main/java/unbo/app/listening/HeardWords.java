package unbo.app.listening;

import java.util.List;
import unbo.core.diagnosis.Complaint;
import unbo.core.diagnosis.DiagnosisModel;
import unbo.core.diagnosis.DiagnosisTest;

/**
 * What was read from a complaint, in words for the page.
 *
 * @param read answers, each with the words that gave it
 * @param conflicts questions that the words answer in two ways
 * @param needsWheel phrases that want a wheel to be named
 * @param denied phrases that were said not to be so
 * @param unread what was not understood
 */
public record HeardWords(
    List<String> read,
    List<String> conflicts,
    List<String> needsWheel,
    List<String> denied,
    List<String> unread) {

  static HeardWords of(Complaint complaint, DiagnosisModel model) {
    return new HeardWords(
        complaint.answers().entrySet().stream()
            .map(
                e -> {
                  DiagnosisTest test = model.test(e.getKey()).orElseThrow();
                  return "“"
                      + complaint.heard().get(e.getKey())
                      + "”: "
                      + test.question()
                      + " "
                      + test.answer(e.getValue()).orElseThrow().label();
                })
            .toList(),
        complaint.conflicts().stream().map(t -> model.test(t).orElseThrow().question()).toList(),
        List.copyOf(complaint.needsWheel()),
        List.copyOf(complaint.denied()),
        complaint.unread());
  }

  public boolean isNothingRead() {
    return read.isEmpty();
  }
}
