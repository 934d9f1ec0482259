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

  /** Whether all of the parts are met; asks each, so that each says its own. */
  static ConditionResult all(List<Condition> parts, EvaluationContext situation) {
    return ask(parts, situation, Enough.ALL);
  }

  /** Whether one of the parts is met, which makes up for the others. */
  static ConditionResult any(List<Condition> parts, EvaluationContext situation) {
    return ask(parts, situation, Enough.ONE);
  }

  private enum Enough {
    ONE,
    ALL
  }

  // loops, as every page asks for this
  private static ConditionResult ask(
      List<Condition> parts, EvaluationContext situation, Enough enough) {
    var findings = new ArrayList<Finding>();
    var missing = new ArrayList<Finding>();
    ValidUntil until = ValidUntil.NEVER_ENDS;
    boolean met = enough == Enough.ALL;
    for (Condition part : parts) {
      ConditionResult answer = part.ask(situation);
      findings.addAll(answer.findings());
      if (!answer.met()) {
        missing.addAll(answer.missing());
      }
      until = until.and(answer.validUntil());
      met = enough == Enough.ONE ? met || answer.met() : met && answer.met();
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
