package nodyes.core.evaluation;

import java.util.List;
import nodyes.core.targeting.Finding;

/**
 * The evidence for an answer.
 *
 * @param findings in the order in which they were looked at
 * @param missing those of them that keep it from showing; none where it shows
 * @param doubts what may be held against it where it shows
 */
public record Because(List<Finding> findings, List<Finding> missing, List<ClaimRisk> doubts) {
  /** Keeps the lists unchangeable. */
  public Because {
    findings = List.copyOf(findings);
    missing = List.copyOf(missing);
    doubts = List.copyOf(doubts);
  }

  /** Evidence of which every finding matters. */
  public Because(List<Finding> findings) {
    this(findings, findings.stream().filter(finding -> !finding.met()).toList(), List.of());
  }
}
