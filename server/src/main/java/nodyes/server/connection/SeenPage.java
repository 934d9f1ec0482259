package nodyes.server.connection;

import java.util.List;
import java.util.Optional;
import nodyes.core.common.Slug;
import nodyes.core.nod.PageKind;
import nodyes.core.recognition.Identifier;
import nodyes.core.recognition.RecognisedPage.Doubt;
import nodyes.core.recognition.RecognisedPage.Sign;

/**
 * A page that a shopper had before them.
 *
 * @param address as it may be kept
 * @param what what it was known for
 * @param cards how many cards of products it has
 * @param knownCards of how many of them the product is known
 * @param lacking spots of nods that would have shown and found no place
 */
public record SeenPage(String address, What what, int cards, int knownCards, List<String> lacking) {
  /** Copies the list. */
  public SeenPage {
    lacking = List.copyOf(lacking);
  }

  /**
   * What a page was known for.
   *
   * @param kind empty where it is none that nods stand on
   * @param product the product that it is of
   * @param by the sign that told it, or that is in doubt
   * @param named what that sign names the product by
   * @param doubt why it is in doubt
   */
  public record What(
      Optional<PageKind> kind,
      Optional<Slug> product,
      Optional<Sign> by,
      Optional<Identifier> named,
      Optional<Doubt> doubt) {}
}
