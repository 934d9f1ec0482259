package nodyes.core.evaluation;

import static java.util.stream.Collectors.joining;

import nodyes.core.targeting.FactValue;
import nodyes.core.targeting.Finding;

/** What a verdict found, on one line: the fact, what is so, and what is wanted. */
final class Told {
  private Told() {}

  /** Of one that shows all that it rests on, of one that does not what keeps it from showing. */
  static String of(Verdict verdict) {
    return switch (verdict) {
      case Verdict.Shown _ ->
          "shown: "
              + verdict.because().findings().stream()
                  .filter(Finding::met)
                  .map(Told::of)
                  .distinct()
                  .collect(joining("; "));
      case Verdict.Withheld _ ->
          "withheld: "
              + verdict.because().missing().stream()
                  .map(Told::of)
                  .distinct()
                  .collect(joining("; "));
    };
  }

  static String of(Finding finding) {
    return finding.fact()
        + " "
        + plain(finding.actual())
        + (finding.met() && !(finding.actual() instanceof FactValue.Phase)
            ? ""
            : " of " + plain(finding.required()));
  }

  private static String plain(FactValue figure) {
    return figure
        .toString()
        .replaceAll("Optional\\[((?:[^\\[\\]]|\\[[^]]*])*)]", "$1")
        .replace("Optional.empty", "-")
        .replaceAll(
            "^(?:Count|NameList|Percent|Stars|Day|Amount|MaxAgeDays)\\[values?=(.*)]$", "$1");
  }
}
