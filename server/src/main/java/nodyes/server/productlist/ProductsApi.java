package nodyes.server.productlist;

import static nodyes.server.messages.Texts.text;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import nodyes.core.common.NodId;
import nodyes.core.common.Slug;
import nodyes.core.evaluation.Facts;
import nodyes.core.evaluation.ProductFacts;
import nodyes.core.evaluation.VariantFacts;
import nodyes.core.evaluation.Verdict;
import nodyes.core.nod.Nod;
import nodyes.core.nod.PageKind;
import nodyes.core.price.PriceDrop;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.nods.NodNames;
import nodyes.server.productlist.ProductViews.DoubtLine;
import nodyes.server.productlist.ProductViews.FindingLine;
import nodyes.server.productlist.ProductViews.NodAnswer;
import nodyes.server.productlist.ProductViews.NodMark;
import nodyes.server.productlist.ProductViews.ProductTableRow;
import nodyes.server.productlist.ProductViews.VariantView;
import nodyes.server.productlist.ProductViews.WeekSold;
import nodyes.server.reasons.Reasons;
import nodyes.server.web.PagedResult;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The table of products, and all that is so about one of them. */
@RestController
@Tag(name = "products")
@RequestMapping("/api/v1/products")
class ProductsApi {
  private static final int WEEKS = 12;

  private final ProductTable table;
  private final Reasons reasons;
  private final Catalogue catalogue;

  ProductsApi(ProductTable table, Catalogue catalogue, Reasons reasons) {
    this.reasons = reasons;
    this.table = table;
    this.catalogue = catalogue;
  }

  /** A nod that a column of the table is about. */
  record NodColumn(String nod, String kind, String name) {}

  /** A page of the table, the nods of its columns, and how many variants all that fit have. */
  record ProductTableView(
      PagedResult<ProductTableRow> rows, List<NodColumn> nods, String zone, Instant now) {}

  @GetMapping
  ProductTableView products(
      @ParameterObject ProductFilter filter,
      @RequestParam(defaultValue = "1") int page,
      @RequestParam(defaultValue = "60") int size) {
    Facts all = table.facts();
    PagedResult<ProductRow> rows = table.rows(filter, page, size);
    List<Slug> slugs = rows.items().stream().map(row -> row.facts().slug()).toList();
    Map<String, String> pictures = catalogue.pictures(slugs.stream().map(Slug::value).toList());
    Map<Slug, Map<Nod, Verdict>> verdicts = table.verdicts(slugs);
    List<Nod> nods = table.nods();
    Map<NodId, String> names = ProductTable.names(nods);
    Instant now = table.now();
    var columns = new Columns(pictures, nods, all.zone(), now);
    return new ProductTableView(
        new PagedResult<>(
            rows.items().stream()
                .map(row -> view(row, verdicts.getOrDefault(row.facts().slug(), Map.of()), columns))
                .toList(),
            rows.page(),
            rows.size(),
            rows.total()),
        nods.stream()
            .map(
                nod ->
                    new NodColumn(
                        nod.id().value(),
                        nod.kind().wireName(),
                        names.getOrDefault(nod.id(), NodNames.called(nod))))
            .toList(),
        all.zone().getId(),
        now);
  }

  /** What all rows of a page are drawn with. */
  private record Columns(Map<String, String> pictures, List<Nod> nods, ZoneId zone, Instant now) {}

  private static ProductTableRow view(ProductRow row, Map<Nod, Verdict> verdicts, Columns columns) {
    ProductFacts product = row.facts();
    Instant now = columns.now();
    Optional<VariantFacts> shown = drawn(product, now, columns.zone());
    Optional<PriceDrop> drop = shown.flatMap(one -> one.toldDrop(now, columns.zone()));
    Optional<Money> price = shown.flatMap(one -> one.priceAt(now));
    return new ProductTableRow(
        product.id().value(),
        ProductViews.Named.of(product, columns.pictures().getOrDefault(product.slug().value(), "")),
        product.variants().size(),
        new ProductViews.Priced(
            price.map(Money::getAmount).orElse(null),
            price.map(one -> one.getCurrencyUnit().getCode()).orElse(null),
            drop.map(one -> one.prior().getAmount()).orElse(null),
            row.percentOff(),
            shown.map(one -> ProductViews.steps(one.history(), now)).orElse(List.of())),
        ProductViews.Stocked.of(row),
        ProductViews.place(row.ranked()),
        ProductViews.Rated.of(product),
        product.tags().stream().sorted().toList(),
        columns.nods().stream()
            .map(nod -> new NodMark(nod.id().value(), verdicts.get(nod) instanceof Verdict.Shown))
            .toList());
  }

  /** The variant whose price is drawn: the one that fell most, else the cheapest. */
  private static Optional<VariantFacts> drawn(ProductFacts product, Instant now, ZoneId zone) {
    return product.variants().values().stream()
        .filter(one -> one.priceAt(now).isPresent())
        .min(
            Comparator.<VariantFacts>comparingInt(
                    one -> -one.toldDrop(now, zone).map(PriceDrop::percent).orElse(0))
                .thenComparing(
                    one -> one.priceAt(now).map(Money::getAmount).orElse(BigDecimal.ZERO)));
  }

  /** All that is so about a product. */
  record ProductView(
      long id,
      @JsonUnwrapped ProductViews.Named named,
      @Nullable String brand,
      List<String> tags,
      @Nullable LocalDate firstPublished,
      @JsonUnwrapped ProductViews.Rated rated,
      @JsonUnwrapped ProductViews.Stocked stocked,
      @JsonUnwrapped Trade trade,
      List<NodAnswer> nods,
      @JsonUnwrapped Clocked clocked) {}

  /** How it sells. */
  record Trade(
      ProductViews.@Nullable Place sold, List<WeekSold> weeks, List<VariantView> variants) {}

  /** When this was so, and where. */
  record Clocked(String zone, Instant now) {}

  @GetMapping("/{slug}")
  ProductView product(@PathVariable String slug) {
    ProductRow row = table.row(slug);
    ProductFacts product = row.facts();
    Facts all = table.facts();
    Instant now = table.now();
    return new ProductView(
        product.id().value(),
        ProductViews.Named.of(product, catalogue.pictures(List.of(slug)).getOrDefault(slug, "")),
        product.traits().brand().orElse(null),
        product.tags().stream().sorted().toList(),
        product.traits().firstPublished().orElse(null),
        ProductViews.Rated.of(product),
        ProductViews.Stocked.of(row),
        new Trade(
            ProductViews.place(row.ranked()),
            weeks(product, all, now),
            product.variants().values().stream()
                .map(variant -> ProductViews.variant(variant, now, all.zone()))
                .toList()),
        answers(product, all),
        new Clocked(all.zone().getId(), now));
  }

  /** Units of the last weeks, the last of them the seven days to today. */
  private static List<WeekSold> weeks(ProductFacts product, Facts all, Instant now) {
    LocalDate today = LocalDate.ofInstant(now, all.zone());
    var weeks = new ArrayList<WeekSold>();
    for (int ago = WEEKS - 1; ago >= 0; ago--) {
      LocalDate last = today.minusDays(7L * ago);
      weeks.add(new WeekSold(last.minusDays(6), all.sales().book().units(product.id(), 7, last)));
    }
    return weeks;
  }

  private List<NodAnswer> answers(ProductFacts product, Facts all) {
    Map<Nod, Verdict> verdicts =
        table.verdicts(List.of(product.slug())).getOrDefault(product.slug(), new LinkedHashMap<>());
    List<Nod> nods = table.nods();
    Map<NodId, String> names = ProductTable.names(nods);
    return nods.stream()
        .filter(verdicts::containsKey)
        .map(nod -> answer(nod, names, verdicts, all))
        .toList();
  }

  private NodAnswer answer(
      Nod nod, Map<NodId, String> names, Map<Nod, Verdict> verdicts, Facts all) {
    ZoneId zone = all.zone();
    UnaryOperator<String> titles =
        slug -> Slug.parse(slug).map(all.products()::get).map(one -> one.title()).orElse(slug);
    Verdict verdict = java.util.Objects.requireNonNull(verdicts.get(nod));
    return new NodAnswer(
        nod.id().value(),
        names.getOrDefault(nod.id(), NodNames.called(nod)),
        nod.placement().pages().stream()
            .min(Comparator.naturalOrder())
            .map(PageKind::wireName)
            .orElse("product"),
        verdict instanceof Verdict.Shown,
        reasons.because(verdict, zone, titles),
        verdict.because().findings().stream()
            .map(finding -> new FindingLine(reasons.clause(finding, zone, titles), finding.met()))
            .toList(),
        verdict.because().doubts().stream()
            .map(
                doubt ->
                    new DoubtLine(
                        text("doubts." + doubt + ".rule"), text("doubts." + doubt + ".words")))
            .toList(),
        verdict.validUntil().end().orElse(null));
  }
}
