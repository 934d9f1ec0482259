package nodyes.core.targeting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import nodyes.core.common.Unfit;
import nodyes.core.common.ValidUntil;

/** What groups of conditions and conditions on names share. */
final class ConditionGroups {
  private static final int DEEPEST = 2;

  private ConditionGroups() {}

  static int depth(List<Condition> parts) {
    return parts.stream().mapToInt(Condition::depth).max().orElse(0);
  }

  static List<Condition> checked(List<Condition> parts) {
    if (depth(parts) >= DEEPEST) {
      throw new Unfit("rules.nestedTwice");
    }
    return List.copyOf(parts);
  }

  /**
   * Asks all of the parts, so that each says its own; loops, as every page asks for this.
   *
   * @param anyIsEnough whether one that is met makes up for the others
   */
  static ConditionResult ask(
      List<Condition> parts, EvaluationContext situation, boolean anyIsEnough) {
    var findings = new ArrayList<Finding>();
    var missing = new ArrayList<Finding>();
    ValidUntil until = ValidUntil.NEVER_ENDS;
    boolean met = !anyIsEnough;
    for (Condition part : parts) {
      ConditionResult answer = part.ask(situation);
      findings.addAll(answer.findings());
      if (!answer.met()) {
        missing.addAll(answer.missing());
      }
      until = until.and(answer.validUntil());
      met = anyIsEnough ? met || answer.met() : met && answer.met();
    }
    return new ConditionResult(met, findings, met ? List.of() : missing, until);
  }

  static FactValue.NameList names(Set<String> names) {
    String[] sorted = names.toArray(String[]::new);
    Arrays.sort(sorted);
    return new FactValue.NameList(List.of(sorted));
  }

  static ConditionResult anyName(FactName fact, Set<String> have, Set<String> wanted) {
    return ConditionResult.lasting(
        Finding.of(fact, names(have), names(wanted), !Collections.disjoint(have, wanted)));
  }
}
