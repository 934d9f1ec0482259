package nodyes.core.audience;

/**
 * One reason for an answer.
 *
 * @param fact what it speaks of
 * @param figure what is so
 * @param wanted what the rule wanted
 * @param standing whether that is met
 */
public record Finding(FactName fact, Figure figure, Figure wanted, Standing standing) {
  /** How a fact stands to a rule. */
  public enum Standing {
    /** The rule is met. */
    MET,
    /** It is not. */
    NOT_MET,
    /** The fact is not known, so the rule cannot be met. */
    UNKNOWN
  }

  /** A finding about a known fact. */
  public static Finding of(FactName fact, Figure figure, Figure wanted, boolean met) {
    return new Finding(fact, figure, wanted, met ? Standing.MET : Standing.NOT_MET);
  }

  /** A finding about a fact that is not known. */
  public static Finding unknown(FactName fact, Figure wanted) {
    return new Finding(fact, new Figure.Unknown(), wanted, Standing.UNKNOWN);
  }

  /** Whether the rule is met. */
  public boolean met() {
    return standing == Standing.MET;
  }
}
