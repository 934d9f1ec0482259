package nodyes.core.showing;

import java.util.List;
import nodyes.core.audience.Finding;

/**
 * The evidence for an answer.
 *
 * @param findings in the order in which they were looked at
 */
public record Because(List<Finding> findings) {
  /** Keeps the findings unchangeable. */
  public Because {
    findings = List.copyOf(findings);
  }
}
