package nodyes.core.targeting;

/**
 * One reason for an answer.
 *
 * @param fact what it speaks of
 * @param actual what is so
 * @param required what the rule wanted
 * @param status whether that is met
 */
public record Finding(FactName fact, FactValue actual, FactValue required, Status status) {
  /** How a fact stands to a rule. */
  public enum Status {
    /** The rule is met. */
    MET,
    /** It is not. */
    NOT_MET,
    /** The fact is not known, so the rule cannot be met. */
    UNKNOWN
  }

  /** A finding about a known fact. */
  public static Finding of(FactName fact, FactValue figure, FactValue wanted, boolean met) {
    return new Finding(fact, figure, wanted, met ? Status.MET : Status.NOT_MET);
  }

  /** A finding about a fact that is not known. */
  public static Finding unknown(FactName fact, FactValue wanted) {
    return new Finding(fact, new FactValue.Unknown(), wanted, Status.UNKNOWN);
  }

  /** Whether the rule is met. */
  public boolean met() {
    return status == Status.MET;
  }
}
