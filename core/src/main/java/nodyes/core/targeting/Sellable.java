package nodyes.core.targeting;

import java.time.LocalDate;
import java.util.Optional;
import nodyes.core.common.ValidUntil;
import nodyes.core.sales.SalesRank;

/** What is so about a product, or the chosen one of its variants, as something that is sold. */
public interface Sellable {
  /** Its name in addresses. */
  String slug();

  /** What it is sold under. */
  Optional<String> brand();

  /** Whether the shop has a picture of it. */
  boolean hasPicture();

  /** The shop's day on which it was first shown. */
  Optional<LocalDate> firstPublished();

  /** Until when its price stays so. */
  ValidUntil priceUntil();

  /**
   * How far its price lies under the lowest of the days before, in percent, 0 where it does not;
   * the greatest of its variants that can be bought where none is chosen.
   */
  TimedValue<Integer> percentOff();

  /** Why {@link #percentOff} is 0, where it is. */
  FactValue.NoDiscount noDrop();

  /** Pieces that can be sent at once: of all its variants where none is chosen. */
  TimedValue<Long> stock();

  /**
   * How it stands among all products by units sold.
   *
   * @param days of the window, today the last of them
   */
  TimedValue<Ranked> rankedInShop(int days);

  /**
   * How it stands among those of its own category by units sold.
   *
   * @param days of the window, today the last of them
   */
  TimedValue<Ranked> rankedInCategory(int days);

  /**
   * A place and among which.
   *
   * @param group a category as the shop writes it; empty for the whole shop
   */
  record Ranked(String group, SalesRank rank) {}

  /** Of which nothing is known. */
  record NothingKnown() implements Sellable {
    @Override
    public String slug() {
      return "";
    }

    @Override
    public Optional<String> brand() {
      return Optional.empty();
    }

    @Override
    public boolean hasPicture() {
      return false;
    }

    @Override
    public Optional<LocalDate> firstPublished() {
      return Optional.empty();
    }

    @Override
    public ValidUntil priceUntil() {
      return ValidUntil.NEVER_ENDS;
    }

    @Override
    public TimedValue<Integer> percentOff() {
      return TimedValue.lasting(Optional.empty());
    }

    @Override
    public FactValue.NoDiscount noDrop() {
      return new FactValue.NoDiscount(FactValue.NoDiscount.Why.NOT_LOWER, Optional.empty());
    }

    @Override
    public TimedValue<Long> stock() {
      return TimedValue.lasting(Optional.empty());
    }

    @Override
    public TimedValue<Ranked> rankedInShop(int days) {
      return TimedValue.lasting(Optional.empty());
    }

    @Override
    public TimedValue<Ranked> rankedInCategory(int days) {
      return TimedValue.lasting(Optional.empty());
    }
  }
}
