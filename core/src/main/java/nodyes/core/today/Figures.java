package nodyes.core.today;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * What there is in a shop to do something about.
 *
 * @param doubted what may be held against nods
 * @param stalled feeds whose last reading brought nothing
 * @param products how many products are sold
 * @param isScriptSeen whether shoppers' browsers ever asked for a page
 * @param waiting reviews that nobody decided on; empty where there are none
 * @param unanswered published low ratings that have no reply; empty where there are none
 * @param unreviewed the product that sold most of those without a review; empty where none sold
 */
public record Figures(
    List<Doubted> doubted,
    List<Stalled> stalled,
    long products,
    boolean isScriptSeen,
    Optional<Waiting> waiting,
    Optional<Unanswered> unanswered,
    Optional<Unreviewed> unreviewed) {
  /** Keeps the lists unchangeable. */
  public Figures {
    doubted = List.copyOf(doubted);
    stalled = List.copyOf(stalled);
  }

  /**
   * Something that may be held against a nod.
   *
   * @param rule the name of what is doubted
   * @param words what is doubted, as a sentence
   * @param nod what the owner calls the nod; empty where it is of none in particular
   * @param place where it is set, as an address of the back office
   * @param products for how many products; 0 where it is of none in particular
   */
  public record Doubted(String rule, String words, String nod, String place, int products) {}

  /**
   * A feed whose last reading brought nothing.
   *
   * @param what it brings, in the plural
   * @param on the day of the shop on which it was read
   * @param isHeld whether it waits for a look, and was not refused
   * @param gone of one that waits, how many products would no longer be sold
   */
  public record Stalled(String what, LocalDate on, boolean isHeld, long gone) {}

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
  public record Waiting(
      long count,
      long pictured,
      long low,
      LocalDate since,
      Optional<String> reviewer,
      String product) {}

  /**
   * Published reviews with words and few stars that have no reply.
   *
   * @param stars 1 or 2: whichever more of them have
   * @param count how many with just so many
   */
  public record Unanswered(int stars, long count) {}

  /**
   * A product that sells and has no review.
   *
   * @param title what the shop calls it
   * @param sold units in the window
   * @param days of the window
   * @param others how many others sold and have none
   */
  public record Unreviewed(String title, long sold, int days, long others) {}
}
