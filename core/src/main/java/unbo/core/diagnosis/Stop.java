package unbo.core.diagnosis;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import unbo.core.roadside.RoadCard;

/**
 * Findings that forbid moving the vehicle, whatever is likely.
 *
 * @param findings one, or several that count only together
 * @param sign the sign of the road card that they are; its words say why
 */
public record Stop(List<Diagnosis.Finding> findings, RoadCard.Sign sign) {

  public Stop {
    findings = List.copyOf(findings);
  }

  /** What can happen, as a cause says it: no capital, no full stop. */
  String ifLeft() {
    String why = sign.why().replaceFirst("\\.$", "");
    return why.substring(0, 1).toLowerCase(Locale.ROOT) + why.substring(1);
  }

  /** What was found, in words. */
  public String words() {
    return findings.stream()
        .map(Diagnosis.Finding::words)
        .collect(Collectors.joining("; ", "", "."));
  }
}
