package nodyes.core.audience;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import nodyes.core.common.ValidUntil;

/** What groups of conditions and conditions on names share. */
final class Groups {
  private static final int DEEPEST = 2;

  private Groups() {}

  static int depth(List<Condition> parts) {
    return parts.stream().mapToInt(Condition::depth).max().orElse(0);
  }

  static List<Condition> checked(List<Condition> parts) {
    if (depth(parts) >= DEEPEST) {
      throw new IllegalArgumentException("groups of conditions nest once");
    }
    return List.copyOf(parts);
  }

  static Answer ask(List<Condition> parts, Situation situation, Predicate<List<Answer>> together) {
    var answers = new ArrayList<Answer>();
    for (Condition part : parts) {
      answers.add(part.ask(situation));
    }
    return new Answer(
        together.test(answers),
        answers.stream().flatMap(answer -> answer.findings().stream()).toList(),
        answers.stream()
            .map(Answer::validUntil)
            .reduce(ValidUntil.NEVER_ENDS, ValidUntil.EARLIEST));
  }

  static Figure.Names names(Set<String> names) {
    return new Figure.Names(List.copyOf(new TreeSet<>(names)));
  }

  static Answer anyName(FactName fact, Set<String> have, Set<String> wanted) {
    return Answer.lasting(
        Finding.of(fact, names(have), names(wanted), have.stream().anyMatch(wanted::contains)));
  }
}
