package nodyes.core.showing;

/** Something that is allowed and true as it is set, and yet may mislead or not stand up. */
public enum Doubt {
  /** The prior price is the owner's own reference. */
  OWN_REFERENCE(
      "Owner’s reference price",
      "It is compared with a price of reference that you gave, not with prices that were recorded."),
  /** The prices of all of the days before the reduction are not known. */
  SHORT_HISTORY(
      "Prior price too young",
      "Its prices are recorded for less than the 30 days before the reduction (Directive 98/6/EC,"
          + " Article 6a)."),
  /** It is among the first with little sold. */
  FEW_SALES("Bestseller with few sales", "Fewer than 10 units were sold in the window."),
  /** It has been called new for longer than shoppers would. */
  NEW_FOR_LONG("Called new for long", "It has been in the shop for more than 60 days."),
  /** A promise leads to nothing that spells it out. */
  PROMISE_WITHOUT_LINK(
      "Promise without a link",
      "A promise of returns, warranty or replacement leads to no page that says its terms."),
  /** A countdown of a price ended, and the price did not. */
  FALSE_URGENCY(
      "False urgency",
      "A countdown said that the price ends, and after its end the price stayed as it was"
          + " (Directive 2005/29/EC, Annex I, 7)."),
  /** A countdown begins again, and nothing has changed. */
  BEGINS_AGAIN(
      "Countdown without end",
      "It begins again with nothing changed, so that its end is none (Directive 2005/29/EC, Annex"
          + " I, 7)."),
  /** A countdown of a price runs on when the price has ended. */
  PRICE_ENDS_BEFORE(
      "Price ends before the countdown",
      "A higher price is planned for an instant before the countdown’s end."),
  /** Praise alone is shown, without what all reviews say. */
  PRAISE_ALONE(
      "Praise alone",
      "The rule or the hand picks high ratings alone, and the whole figure does not stand under"
          + " them.");

  private final String rule;
  private final String words;

  Doubt(String rule, String words) {
    this.rule = rule;
    this.words = words;
  }

  /** Whether it is told of a nod that is not shown, too: what it did stays done. */
  public boolean outlivesShowing() {
    return this == FALSE_URGENCY;
  }

  /** The rule's name. */
  public String rule() {
    return rule;
  }

  /** What is doubted, as a sentence to the owner. */
  public String words() {
    return words;
  }
}
