package nodyes.core.suggestions;

import java.time.LocalDate;
import java.util.Optional;

/** What an act is about, with its figures; the sentences are made where they are read. */
public sealed interface Matter {
  /**
   * Something that may be held against a nod.
   *
   * @param rule the name of what is doubted
   * @param text what is doubted, as a sentence
   * @param nod what the owner calls the nod; empty where it is of none in particular
   * @param path where it is set, as an address of the back office
   * @param products for how many products; 0 where it is of none in particular
   */
  record RiskyClaim(String rule, String text, String nod, String path, int products)
      implements Matter {}

  /**
   * A feed whose last reading brought nothing.
   *
   * @param what it brings: {@code products} or {@code orders}
   * @param on the day of the shop on which it was read
   * @param isHeld whether it waits for a look, and was not refused
   * @param removed of one that waits, how many products would no longer be sold
   */
  record FailedUpdate(String what, LocalDate on, boolean isHeld, long removed) implements Matter {}

  /**
   * The script was never asked for by a shopper's browser.
   *
   * @param products how many products shoppers see nothing about
   */
  record Unconnected(long products) implements Matter {}

  /**
   * Shoppers' browsers asked for pages before, and no more.
   *
   * @param since the day of the last view
   */
  record SilentPages(LocalDate since) implements Matter {}

  /**
   * Addresses of this week that nods cannot show on until something is done.
   *
   * @param pages how many
   */
  record UnknownPages(long pages) implements Matter {}

  /**
   * Reviews that nobody decided on.
   *
   * @param count how many
   * @param pictured how many of them have a picture
   * @param low how many have 3 stars or fewer
   * @param since the day of the shop on which the oldest came
   * @param reviewer who wrote the oldest, if told
   * @param product the title of what it is about
   */
  record WaitingReviews(
      long count,
      long pictured,
      long low,
      LocalDate since,
      Optional<String> reviewer,
      String product)
      implements Matter {}

  /**
   * Published reviews with words and few stars that have no reply.
   *
   * @param stars 1 or 2: whichever more of them have
   * @param count how many with just so many
   */
  record UnrepliedReviews(int stars, long count) implements Matter {
    /** How many replies are written at a stretch. */
    public static final int AT_ONCE = 10;
  }

  /**
   * A product that sells and has no review.
   *
   * @param title what the shop calls it
   * @param sold units in the window
   * @param days of the window
   * @param others how many others sold and have none
   */
  record UnreviewedBestseller(String title, long sold, int days, long others) implements Matter {}
}
