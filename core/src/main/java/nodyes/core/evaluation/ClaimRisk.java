package nodyes.core.evaluation;

/** Something that is allowed and true as it is set, and yet may mislead or not stand up. */
public enum ClaimRisk {
  /** The prior price is the owner's own reference. */
  CUSTOM_REFERENCE_PRICE,
  /** The prices of all of the days before the reduction are not known. */
  SHORT_PRICE_HISTORY,
  /** It is among the first with little sold. */
  FEW_SALES,
  /** It has been called new for longer than shoppers would. */
  NEW_TOO_LONG,
  /** A promise leads to nothing that spells it out. */
  PROMISE_WITHOUT_TERMS,
  /** Fewer days for sending back are told than the law of the destination gives. */
  UNDER_WITHDRAWAL_PERIOD,
  /** A countdown of a price ended, and the price did not. */
  FALSE_URGENCY,
  /** A countdown begins again, and nothing has changed. */
  BEGINS_AGAIN,
  /** A countdown of a price runs on when the price has ended. */
  PRICE_ENDS_BEFORE,
  /** Praise alone is shown, without what all reviews say. */
  ONLY_HIGH_RATINGS;

  /** Whether it is told of a nod that is not shown, too: what it did stays done. */
  public boolean outlivesShowing() {
    return this == FALSE_URGENCY;
  }
}
