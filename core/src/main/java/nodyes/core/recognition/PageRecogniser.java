package nodyes.core.recognition;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import nodyes.core.common.Slug;
import nodyes.core.nod.PageKind;
import nodyes.core.recognition.ProductNames.Named;
import nodyes.core.recognition.RecognisedPage.Doubt;
import nodyes.core.recognition.RecognisedPage.Sign;

/**
 * Tells what a page is. Signs are asked one after the other, the strongest first; the first that
 * names exactly one product of the catalogue decides. One that names several ends the search: when
 * in doubt, nothing is shown.
 */
public final class PageRecogniser {
  /** A page with fewer is an article with a link, not a listing. */
  private static final int FEWEST_CARDS = 2;

  private static final Claim ADDRESS_ALONE = Claim.alone(Sign.ADDRESS);
  private static final Claim CARDS_ALONE = Claim.alone(Sign.CARDS);

  private final ShopAddresses addresses;
  private final ProductNames names;

  /**
   * A recogniser for a shop.
   *
   * @param addresses how its addresses are built
   * @param names its catalogue
   */
  public PageRecogniser(ShopAddresses addresses, ProductNames names) {
    this.addresses = addresses;
    this.names = names;
  }

  /** What one sign names, any of which would do. */
  private record Claim(Sign sign, List<Set<Identifier>> products) {
    private static Claim alone(Sign sign) {
      return new Claim(sign, List.of());
    }

    Optional<Identifier> first() {
      return products.stream().flatMap(Set::stream).findFirst();
    }

    /** The first identifier that names something; titles last. */
    Optional<Identifier> naming(Map<Identifier, List<Named>> known) {
      return products.stream()
          .flatMap(Set::stream)
          .filter(one -> !known.getOrDefault(one, List.of()).isEmpty())
          .min(Comparator.comparing(PageRecogniser::isTitle));
    }
  }

  /** What the signs come to. */
  public RecognisedPage recognise(PageSigns signs) {
    Optional<PageKind> byAddress = signs.address().flatMap(addresses::kind);
    List<Claim> claims = claims(signs, byAddress);
    var asked = new LinkedHashSet<>(signs.cards());
    claims.forEach(claim -> claim.products().forEach(asked::addAll));
    Map<Identifier, List<Named>> known = asked.isEmpty() ? Map.of() : names.find(asked);
    Map<Identifier, Slug> cards = cards(signs.cards(), known);
    for (Claim claim : claims) {
      Set<Named> found = found(claim, known);
      Set<Slug> products = products(found);
      if (products.size() > 1) {
        return page(
            Optional.empty(), Optional.of(claim), Optional.of(Doubt.SEVERAL_PRODUCTS), cards);
      }
      if (products.size() == 1) {
        Slug product = products.iterator().next();
        cards.values().removeIf(product::equals);
        return new RecognisedPage(
            Optional.of(PageKind.PRODUCT),
            Optional.of(product),
            Optional.of(claim.sign()),
            claim.naming(known).or(claim::first),
            variant(signs, found),
            Optional.empty(),
            cards);
      }
    }
    if (byAddress.isPresent()) {
      return page(byAddress, Optional.of(ADDRESS_ALONE), Optional.empty(), cards);
    }
    if (Set.copyOf(cards.values()).size() >= FEWEST_CARDS) {
      return page(Optional.of(PageKind.LISTING), Optional.of(CARDS_ALONE), Optional.empty(), cards);
    }
    return page(
        Optional.empty(),
        claims.stream().findFirst(),
        claims.isEmpty() ? Optional.empty() : Optional.of(Doubt.UNKNOWN_PRODUCT),
        Map.of());
  }

  private static RecognisedPage page(
      Optional<PageKind> kind,
      Optional<Claim> by,
      Optional<Doubt> doubt,
      Map<Identifier, Slug> cards) {
    return new RecognisedPage(
        kind,
        Optional.empty(),
        by.map(Claim::sign),
        by.flatMap(Claim::first),
        Optional.empty(),
        doubt,
        kind.isPresent() ? cards : Map.of());
  }

  /**
   * Where the address tells another kind of page, it may still name a product: products and
   * categories of many shops stand side by side. The basket is nothing else.
   */
  private List<Claim> claims(PageSigns signs, Optional<PageKind> byAddress) {
    var claims = new ArrayList<Claim>();
    if (byAddress.filter(PageKind.BASKET::equals).isPresent()) {
      return claims;
    }
    signs.address().flatMap(one -> inAddress(Sign.ADDRESS, one)).ifPresent(claims::add);
    if (byAddress.isPresent()) {
      return claims;
    }
    signs.canonical().flatMap(one -> inAddress(Sign.CANONICAL, one)).ifPresent(claims::add);
    List<PageSigns.DataProduct> data = ofThisPage(signs);
    if (!data.isEmpty()) {
      claims.add(new Claim(Sign.PRODUCT_DATA, data.stream().map(this::identifiers).toList()));
    }
    signs.sharing().flatMap(one -> inAddress(Sign.SHARING, one)).ifPresent(claims::add);
    signs
        .sharedTitle()
        .flatMap(title -> Identifier.of(Identifier.Type.TITLE, title))
        .ifPresent(title -> claims.add(new Claim(Sign.SHARING, List.of(Set.of(title)))));
    signs.meta().ifPresent(name -> claims.add(new Claim(Sign.META, List.of(Set.of(name)))));
    return claims;
  }

  private Optional<Claim> inAddress(Sign sign, String address) {
    return addresses
        .ofProduct(address)
        .flatMap(AddressPattern.Match::product)
        .flatMap(name -> Identifier.of(Identifier.Type.ADDRESS, name))
        .map(name -> new Claim(sign, List.of(Set.of(name))));
  }

  /** Of several products in the data, the one whose address is the page's own is the page's. */
  private static List<PageSigns.DataProduct> ofThisPage(PageSigns signs) {
    List<PageSigns.DataProduct> own =
        signs.data().stream()
            .filter(one -> one.address().isPresent())
            .filter(
                one ->
                    one.address().equals(signs.address())
                        || one.address().equals(signs.canonical()))
            .toList();
    return own.isEmpty() ? signs.data() : own;
  }

  private Set<Identifier> identifiers(PageSigns.DataProduct product) {
    var all = new LinkedHashSet<>(product.identifiers());
    product
        .address()
        .flatMap(addresses::ofProduct)
        .flatMap(AddressPattern.Match::product)
        .flatMap(name -> Identifier.of(Identifier.Type.ADDRESS, name))
        .ifPresent(all::add);
    return all;
  }

  /**
   * What a claim comes to: of each product that it speaks of, what its exact identifiers name, and
   * what its title names only where those name nothing.
   */
  private static Set<Named> found(Claim claim, Map<Identifier, List<Named>> known) {
    var found = new LinkedHashSet<Named>();
    for (Set<Identifier> product : claim.products()) {
      List<Named> exact = named(product.stream().filter(one -> !isTitle(one)), known);
      found.addAll(
          exact.isEmpty() ? named(product.stream().filter(PageRecogniser::isTitle), known) : exact);
    }
    return found;
  }

  private static boolean isTitle(Identifier identifier) {
    return identifier.type() == Identifier.Type.TITLE;
  }

  private static List<Named> named(
      Stream<Identifier> identifiers, Map<Identifier, List<Named>> known) {
    return identifiers.flatMap(one -> known.getOrDefault(one, List.of()).stream()).toList();
  }

  private static Set<Slug> products(Collection<Named> found) {
    var products = new LinkedHashSet<Slug>();
    found.forEach(one -> products.add(one.product()));
    return products;
  }

  /** The variant that the address names, or the only one that the deciding sign does. */
  private Optional<String> variant(PageSigns signs, Set<Named> found) {
    Optional<String> inAddress =
        signs.address().flatMap(addresses::ofProduct).flatMap(AddressPattern.Match::variant);
    if (inAddress.isPresent()) {
      return inAddress;
    }
    List<String> skus = found.stream().flatMap(one -> one.variant().stream()).distinct().toList();
    return skus.size() == 1 ? Optional.of(skus.getFirst()) : Optional.empty();
  }

  /** One that names several products is passed over. */
  private static Map<Identifier, Slug> cards(
      List<Identifier> cards, Map<Identifier, List<Named>> known) {
    var found = new LinkedHashMap<Identifier, Slug>();
    for (Identifier card : cards) {
      Set<Slug> products = products(known.getOrDefault(card, List.of()));
      if (products.size() == 1) {
        found.put(card, products.iterator().next());
      }
    }
    return found;
  }
}
