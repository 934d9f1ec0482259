package nodyes.core.audience;

import java.util.List;
import nodyes.core.common.ValidUntil;

/**
 * What a condition says of a situation.
 *
 * @param met whether it is met
 * @param findings why, in the order of the condition
 * @param validUntil when time alone could change the answer or a finding
 */
public record Answer(boolean met, List<Finding> findings, ValidUntil validUntil) {
  /** Keeps the findings unchangeable. */
  public Answer {
    findings = List.copyOf(findings);
  }

  /** An answer of one finding that time does not change. */
  static Answer lasting(Finding finding) {
    return new Answer(finding.met(), List.of(finding), ValidUntil.NEVER_ENDS);
  }
}
