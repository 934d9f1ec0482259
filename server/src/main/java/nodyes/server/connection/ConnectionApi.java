package nodyes.server.connection;

import static nodyes.server.messages.Texts.text;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import nodyes.core.common.Slug;
import nodyes.core.nod.PageKind;
import nodyes.core.recognition.Identifier;
import nodyes.core.recognition.RecognisedPage.Doubt;
import nodyes.core.recognition.RecognisedPage.Sign;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.catalogue.ProductNameStore;
import nodyes.server.shop.ShopClock;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.PagedResult;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What the shop's pages look like from here, as shoppers see them. */
@RestController
@Tag(name = "connection")
@RequestMapping("/api/v1/connection")
class ConnectionApi {
  private static final Duration DAY = Duration.ofDays(1);

  private final SeenPages seen;
  private final SeenPageStore store;
  private final Catalogue catalogue;
  private final ProductNameStore names;
  private final AddressReading reading;
  private final LocalShop local;
  private final ShopClock clock;

  ConnectionApi(
      SeenPages seen,
      SeenPageStore store,
      Catalogue catalogue,
      ProductNameStore names,
      AddressReading reading,
      LocalShop local,
      ShopClock clock) {
    this.seen = seen;
    this.store = store;
    this.catalogue = catalogue;
    this.names = names;
    this.reading = reading;
    this.local = local;
    this.clock = clock;
  }

  /** What stands in the addresses of a product's pages. */
  record NameInAddress(String name) {}

  /** As its page was seen last, or as the owner said; else the name that we have for it. */
  @GetMapping("/product-pages/{slug}")
  NameInAddress nameInAddress(@PathVariable String slug) {
    Slug product =
        Slug.parse(slug).orElseThrow(() -> ApiProblem.notFound(text("problems.noSuchProduct")));
    return new NameInAddress(
        store.addressName(product).or(() -> names.addressName(product)).orElse(slug));
  }

  /** The owner says that the shop is on this machine or in the own network: it may be opened. */
  @PutMapping("/local-shop")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void allowLocalShop() {
    local.allow();
  }

  /** It may not be opened any more. */
  @DeleteMapping("/local-shop")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forbidLocalShop() {
    local.forbid();
  }

  /** How many views of pages a sign told. */
  record ViewsBySign(Sign sign, long views) {}

  /**
   * How the shop is connected.
   *
   * @param lastViewAt when a shopper had a page before them last; null where none ever had
   * @param lastPage which page that was: the product's title, or the address
   * @param isSilent whether that is more than a day ago
   * @param pages addresses that were seen this week
   * @param needTheOwner those where something is to be done
   * @param views of pages since this time yesterday
   * @param known of those, views of pages that were known
   * @param bySign of those, by the sign that told the page; most first
   * @param opensLocalShop whether the owner said that the shop is in the own network
   */
  record ShopConnection(
      @Nullable Instant lastViewAt,
      @Nullable String lastPage,
      boolean isSilent,
      long pages,
      long needTheOwner,
      long views,
      long known,
      List<ViewsBySign> bySign,
      boolean opensLocalShop) {}

  /**
   * By what a page is known.
   *
   * @param sign the sign, or what is in doubt
   * @param named what that says; a part of the address where the address tells
   * @param name how that is asked about, where the owner can say what it means
   */
  record SignSeen(@Nullable Sign sign, @Nullable String named, @Nullable String name) {}

  /** How many cards of products a page has, and of how many of them the product is known. */
  record CardsSeen(int cards, int knownCards) {}

  /**
   * A page that was seen this week.
   *
   * @param kind missing where it is none that nods stand on
   * @param missing what is to be done, in a sentence; null where nothing is
   * @param lacking spots that found no place
   */
  record PageSeen(
      String address,
      @Nullable PageKind kind,
      @Nullable ProductSeen product,
      @JsonUnwrapped SignSeen by,
      @JsonUnwrapped CardsSeen cards,
      @Nullable String missing,
      List<String> lacking,
      long views,
      Instant lastAt,
      @JsonUnwrapped PagesAlike alike) {}

  /**
   * Pages that are built like one, and lack nothing either.
   *
   * @param shape how their addresses are built; null where the page stands for itself alone
   * @param pages how many it stands for
   */
  record PagesAlike(@Nullable String shape, int pages) {}

  /** The product of a page. */
  record ProductSeen(String slug, String title, @Nullable String picture) {}

  @GetMapping
  ShopConnection connection() {
    Instant now = clock.now();
    seen.run(now);
    SeenPageStore.Sums sums = store.sums(now.minus(DAY));
    return new ShopConnection(
        sums.last().map(SeenPageStore.Row::lastAt).orElse(null),
        sums.last().map(row -> row.title().orElse(row.page().address())).orElse(null),
        sums.standing().silentSince(now).isPresent(),
        sums.pages(),
        sums.standing().needTheOwner(),
        sums.views(),
        sums.bySign().values().stream().mapToLong(Long::longValue).sum(),
        sums.bySign().entrySet().stream()
            .map(one -> new ViewsBySign(one.getKey(), one.getValue()))
            .sorted(Comparator.comparingLong(ViewsBySign::views).reversed())
            .toList(),
        local.isAllowed());
  }

  @GetMapping("/pages")
  PagedResult<PageSeen> pages(
      @RequestParam(defaultValue = "") String shape,
      @RequestParam(defaultValue = "1") int page,
      @RequestParam(defaultValue = "25") int size) {
    seen.run(clock.now());
    PagedResult<SeenPageStore.Row> found =
        store.list(shape, PagedResult.page(page), PagedResult.size(size));
    Map<String, String> pictures =
        catalogue.pictures(
            found.items().stream()
                .flatMap(row -> row.page().what().product().stream())
                .map(Slug::value)
                .collect(Collectors.toSet()));
    return new PagedResult<>(
        found.items().stream().map(row -> view(row, pictures)).toList(),
        found.page(),
        found.size(),
        found.total());
  }

  private static PageSeen view(SeenPageStore.Row row, Map<String, String> pictures) {
    SeenPage page = row.page();
    SeenPage.What what = page.what();
    return new PageSeen(
        page.address(),
        what.kind().orElse(null),
        what.product()
            .map(
                slug ->
                    new ProductSeen(
                        slug.value(), row.title().orElse(slug.value()), pictures.get(slug.value())))
            .orElse(null),
        new SignSeen(
            what.by().orElse(null),
            what.named().map(Identifier::value).orElse(null),
            what.named()
                .filter(_ -> what.doubt().filter(Doubt.UNKNOWN_PRODUCT::equals).isPresent())
                .map(Identifier::text)
                .orElse(null)),
        new CardsSeen(page.cards(), page.knownCards()),
        missing(page).orElse(null),
        page.lacking(),
        row.views(),
        row.lastAt(),
        new PagesAlike(
            row.alike().shape().isEmpty() ? null : row.alike().shape(), row.alike().pages()));
  }

  /** The worst alone: with it the others often go. */
  private static Optional<String> missing(SeenPage page) {
    Optional<Doubt> doubt = page.what().doubt();
    if (doubt.isPresent()) {
      Identifier.Type type =
          page.what().named().map(Identifier::type).orElse(Identifier.Type.ADDRESS);
      return Optional.of(
          doubt.get() == Doubt.SEVERAL_PRODUCTS
              ? text("connection.missing.SEVERAL_PRODUCTS")
              : text("connection.missing.UNKNOWN_PRODUCT", "type", type.name()));
    }
    if (page.knownCards() < page.cards()) {
      return Optional.of(
          text("connection.missing.cards", "count", page.cards() - page.knownCards()));
    }
    return page.lacking().isEmpty()
        ? Optional.empty()
        : Optional.of(text("connection.missing.places", "count", page.lacking().size()));
  }

  /** The address of a product's page. */
  record Example(@NotBlank(message = "{addressCheck.enter}") String address) {}

  /** What the address of one product tells of the shop's others; nothing is kept of it. */
  @PostMapping("/reading")
  AddressReading.ReadAddress read(@Valid @RequestBody Example example) {
    return reading.read(example.address());
  }

  /** A name on pages, and the product that it means. */
  record Meaning(
      @NotBlank(message = "{connection.noName}") String name,
      @NotBlank(message = "{connection.noProduct}") String product) {}

  /** Pages that name something so are pages of that product from now on. */
  @PutMapping("/names")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void say(@Valid @RequestBody Meaning meaning) {
    Slug product =
        Slug.parse(meaning.product())
            .filter(slug -> catalogue.id(slug).isPresent())
            .orElseThrow(() -> ApiProblem.value("product", text("connection.noProduct")));
    names.say(name(meaning.name()), product);
  }

  @DeleteMapping("/names")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forget(@RequestParam String name) {
    if (!names.forget(name(name))) {
      throw ApiProblem.notFound(text("connection.noSuchName"));
    }
  }

  @GetMapping("/names")
  PagedResult<ProductNameStore.ProductAlias> names(
      @RequestParam(defaultValue = "1") int page, @RequestParam(defaultValue = "25") int size) {
    return names.aliases(PagedResult.page(page), PagedResult.size(size));
  }

  private static Identifier name(String text) {
    return Identifier.parse(text)
        .orElseThrow(() -> ApiProblem.value("name", text("connection.noName")));
  }
}
