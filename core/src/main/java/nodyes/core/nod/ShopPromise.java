package nodyes.core.nod;

import java.net.URI;
import java.net.URISyntaxException;
import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import nodyes.core.common.Unfit;

/**
 * Something that the shop promises.
 *
 * @param about what it is about
 * @param drawing a drawing's name, an emoji, a picture of the shop's own, or {@code none}
 * @param link where its terms are: an address, or a path of the shop; empty for none
 * @param countries where it holds (ISO 3166-1 alpha-2); empty for everywhere
 * @param words by language (BCP 47 primary subtag)
 */
public record ShopPromise(
    About about, String drawing, String link, Set<String> countries, Map<String, Said> words) {
  private static final int LONGEST_TITLE = 60;
  private static final int LONGEST_LINE = 140;
  private static final int LONGEST_LINK = 500;

  /** What a promise is about. */
  public enum About {
    /** Sending back. */
    RETURNS,
    /** Repair or replacement. */
    WARRANTY,
    /** Sending. */
    DELIVERY,
    /** A way to pay. */
    PAYMENT,
    /** What it is made of, or how it is made. */
    MAKING,
    /** Anything else. */
    OTHER;

    /** Whether shoppers need terms to know what is promised. */
    public boolean needsTerms() {
      return this == RETURNS || this == WARRANTY;
    }
  }

  /**
   * Its words in a language.
   *
   * @param title the promise, at most 60 characters
   * @param line what it means, at most 140; or empty
   */
  public record Said(String title, String line) {
    /** Throws {@link IllegalArgumentException} where one is too long. */
    public Said {
      title = title.strip();
      line = line.strip();
      if (title.length() > LONGEST_TITLE) {
        throw new Unfit("nods.promiseTooLong", "most", LONGEST_TITLE, "text", title);
      }
      if (line.length() > LONGEST_LINE) {
        throw new Unfit("nods.promiseLineTooLong", "most", LONGEST_LINE, "text", line);
      }
    }

    private static final Said NOTHING = new Said("", "");

    boolean isEmpty() {
      return title.isEmpty() && line.isEmpty();
    }
  }

  /**
   * Whether a link leads to a page by http, or is a path of the shop's own site, as RFC 3986 reads
   * it. Browsers take {@code /\\host} for another site; for the standard it is no address at all.
   */
  private static boolean isLink(String link) {
    URI address;
    try {
      address = new URI(link);
    } catch (URISyntaxException e) {
      return false;
    }
    if (address.getScheme() == null) {
      return address.getRawAuthority() == null && link.startsWith("/") && !link.startsWith("//");
    }
    return address.getScheme().matches("(?i)https?")
        && address.getHost() != null
        && address.getRawUserInfo() == null;
  }

  /** Throws {@link IllegalArgumentException} naming what cannot be taken. */
  public ShopPromise {
    link = link.strip();
    countries = Collections.unmodifiableSet(new TreeSet<>(countries));
    words = Collections.unmodifiableMap(new TreeMap<>(words));
    String of = words.values().stream().map(Said::title).findFirst().orElse("a promise");
    StyleProperty.ICON
        .form()
        .problem(drawing)
        .ifPresent(
            problem -> {
              throw new Unfit("nods.promiseDrawing", "promise", of);
            });
    if (!link.isEmpty() && (link.length() > LONGEST_LINK || !isLink(link))) {
      throw new Unfit("nods.promiseLink", "promise", of);
    }
    for (String country : countries) {
      if (!country.matches("[A-Z]{2}")) {
        throw new Unfit("nods.promiseCountry", "country", country);
      }
    }
  }

  /** Whether it holds for a shopper; one of some countries does not where theirs is not known. */
  public boolean holdsIn(Optional<String> country) {
    return countries.isEmpty() || country.filter(countries::contains).isPresent();
  }

  /** Its words for a reader: in the language, else in English, else in the first that it has. */
  public Said said(String language) {
    Said own = words.get(language);
    if (own != null && !own.isEmpty()) {
      return own;
    }
    Said english = words.get("en");
    if (english != null && !english.isEmpty()) {
      return english;
    }
    return words.values().stream().filter(said -> !said.isEmpty()).findFirst().orElse(Said.NOTHING);
  }

  /** Whether it has anything to say or to draw. */
  public boolean saysNothing() {
    return words.values().stream().allMatch(Said::isEmpty) && drawing.equals("none");
  }
}
