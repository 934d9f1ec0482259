package nodyes.core.targeting;

import java.util.ArrayList;
import java.util.List;
import nodyes.core.common.ValidUntil;

/**
 * What a condition says of a situation.
 *
 * @param met whether it is met
 * @param findings why, in the order of the condition
 * @param missing those of them that keep it from being met: none where it is, and of a group of
 *     which one is enough none that another makes up for
 * @param validUntil when time alone could change the answer or a finding
 */
public record ConditionResult(
    boolean met, List<Finding> findings, List<Finding> missing, ValidUntil validUntil) {
  /** Keeps the findings unchangeable. */
  public ConditionResult {
    findings = List.copyOf(findings);
    missing = List.copyOf(missing);
  }

  /** An answer that every finding of it takes part in. */
  public ConditionResult(boolean met, List<Finding> findings, ValidUntil validUntil) {
    this(met, findings, unmet(findings), validUntil);
  }

  /** Loops, as every page asks for this. */
  private static List<Finding> unmet(List<Finding> findings) {
    List<Finding> unmet = List.of();
    for (Finding finding : findings) {
      if (!finding.met()) {
        unmet = unmet.isEmpty() ? new ArrayList<>() : unmet;
        unmet.add(finding);
      }
    }
    return unmet;
  }

  /** An answer of one finding that time does not change. */
  static ConditionResult lasting(Finding finding) {
    List<Finding> one = List.of(finding);
    return new ConditionResult(
        finding.met(), one, finding.met() ? List.of() : one, ValidUntil.NEVER_ENDS);
  }
}
