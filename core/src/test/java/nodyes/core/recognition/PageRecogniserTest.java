package nodyes.core.recognition;

import static org.testng.Assert.assertEquals;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import nodyes.core.nod.PageKind;
import nodyes.core.recognition.RecognisedPage.Doubt;
import nodyes.core.recognition.RecognisedPage.Sign;
import org.testng.annotations.Test;

public class PageRecogniserTest {
  private static final ProductNames SHELF =
      new ShelfOfNames()
          .with("jar", "sku:JAR-1", "sku:JAR-2", "name:Fern jar", "name:A pot")
          .with("tray", "sku:TRAY", "gtin:4006381333931", "name:A pot")
          .with("pot", "id:7104");
  private static final ShopAddresses ADDRESSES =
      new ShopAddresses(
          List.of(new AddressPattern("/p/{product}?v={variant}")),
          List.of(new AddressPattern("/c/{category}"), new AddressPattern("/sale")),
          List.of(new AddressPattern("/basket")));

  private static final PageSigns NONE = signs("/somewhere", List.of());

  private static PageSigns signs(
      String address, List<PageSigns.DataProduct> data, String... cards) {
    return new PageSigns(
        Optional.of(address),
        Optional.empty(),
        data,
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        identifiers(cards));
  }

  private static List<Identifier> identifiers(String... names) {
    return Stream.of(names).map(name -> Identifier.parse(name).orElseThrow()).toList();
  }

  private static PageSigns.DataProduct data(String address, String... names) {
    return new PageSigns.DataProduct(
        identifiers(names), Optional.of(address).filter(one -> !one.isEmpty()));
  }

  private static RecognisedPage page(PageSigns signs) {
    return new PageRecogniser(ADDRESSES, SHELF).recognise(signs);
  }

  /** Kind, product, sign, variant and doubt in short. */
  private static String told(PageSigns signs) {
    RecognisedPage page = page(signs);
    return Stream.of(
            page.kind().map(PageKind::name).orElse("NONE"),
            page.product().map(one -> one.value()).orElse(""),
            page.by().map(Sign::name).orElse(""),
            page.variant().orElse(""),
            page.doubt().map(Doubt::name).orElse(""))
        .filter(text -> !text.isEmpty())
        .reduce((one, other) -> one + " " + other)
        .orElse("");
  }

  @Test
  public void theAddressComesFirst() {
    assertEquals(told(signs("/p/jar", List.of(data("", "sku:TRAY")))), "PRODUCT jar ADDRESS");
    assertEquals(told(signs("/p/jar?v=JAR-2", List.of())), "PRODUCT jar ADDRESS JAR-2");
    assertEquals(told(signs("/de/p/JAR-1", List.of())), "PRODUCT jar ADDRESS JAR-1");
  }

  @Test
  public void whatItsAddressDoesNotTellTheNextSignDoes() {
    PageSigns canonical =
        new PageSigns(
            Optional.of("/en/gifts/jar"),
            Optional.of("/p/jar"),
            List.of(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            List.of());
    assertEquals(told(canonical), "PRODUCT jar CANONICAL");
    assertEquals(
        told(signs("/p/unknown", List.of(data("", "gtin:4006381333931")))),
        "PRODUCT tray PRODUCT_DATA");
    assertEquals(
        told(signs("/x", List.of(data("", "sku:JAR-2")))), "PRODUCT jar PRODUCT_DATA JAR-2");
    assertEquals(told(signs("/x", List.of(data("", "id:7104")))), "PRODUCT pot PRODUCT_DATA");
    assertEquals(
        told(signs("/x", List.of(data("/p/tray", "sku:none")))), "PRODUCT tray PRODUCT_DATA");
  }

  @Test
  public void sharingAndTheMetaTagComeLast() {
    var sharing =
        new PageSigns(
            Optional.of("/x"),
            Optional.empty(),
            List.of(),
            Optional.of("/p/jar"),
            Optional.empty(),
            Identifier.parse("tray"),
            List.of());
    assertEquals(told(sharing), "PRODUCT jar SHARING");
    var title =
        new PageSigns(
            Optional.of("/x"),
            Optional.empty(),
            List.of(),
            Optional.empty(),
            Optional.of("Fern jar"),
            Optional.empty(),
            List.of());
    assertEquals(told(title), "PRODUCT jar SHARING");
    var meta =
        new PageSigns(
            Optional.of("/x"),
            Optional.empty(),
            List.of(),
            Optional.empty(),
            Optional.empty(),
            Identifier.parse("sku:TRAY"),
            List.of());
    assertEquals(told(meta), "PRODUCT tray META TRAY");
  }

  @Test
  public void inDoubtNothingIsShown() {
    assertEquals(
        told(signs("/x", List.of(data("", "sku:JAR-1"), data("", "sku:TRAY")))),
        "NONE PRODUCT_DATA SEVERAL_PRODUCTS");
    assertEquals(
        told(signs("/x", List.of(data("", "sku:JAR-1", "gtin:4006381333931")))),
        "NONE PRODUCT_DATA SEVERAL_PRODUCTS",
        "two identifiers of one thing that name two products");
    assertEquals(
        told(signs("/x", List.of(data("", "name:A pot")))),
        "NONE PRODUCT_DATA SEVERAL_PRODUCTS",
        "a title that two products have");
    assertEquals(told(signs("/p/unknown", List.of())), "NONE ADDRESS UNKNOWN_PRODUCT");
    assertEquals(told(NONE), "NONE");
  }

  @Test
  public void aTitleIsAskedOnlyWhereNothingExactIsKnown() {
    assertEquals(
        told(signs("/x", List.of(data("", "sku:JAR-1", "name:A pot")))),
        "PRODUCT jar PRODUCT_DATA JAR-1");
    assertEquals(
        told(signs("/x", List.of(data("", "sku:other", "name:Fern jar")))),
        "PRODUCT jar PRODUCT_DATA");
  }

  @Test
  public void ofSeveralProductsInTheDataThePagesOwnIsTheOneWithItsAddress() {
    assertEquals(
        told(signs("/thing", List.of(data("/other", "sku:TRAY"), data("/thing", "sku:JAR-1")))),
        "PRODUCT jar PRODUCT_DATA JAR-1");
  }

  @Test
  public void severalVariantsOfAProductNameTheProductAlone() {
    assertEquals(
        told(signs("/x", List.of(data("", "sku:JAR-1", "sku:JAR-2")))), "PRODUCT jar PRODUCT_DATA");
  }

  @Test
  public void otherPagesAreToldByTheirAddressOrTheirCards() {
    assertEquals(told(signs("/", List.of())), "HOME ADDRESS");
    assertEquals(told(signs("/pt/", List.of())), "HOME ADDRESS");
    assertEquals(told(signs("/basket", List.of(data("", "sku:JAR-1")))), "BASKET ADDRESS");
    assertEquals(told(signs("/sale", List.of())), "LISTING ADDRESS");
    assertEquals(told(signs("/ideas", List.of(), "jar", "tray")), "LISTING CARDS");
    assertEquals(told(signs("/journal", List.of(), "jar")), "NONE");
    assertEquals(
        told(signs("/journal", List.of(), "jar", "sku:JAR-2")), "NONE", "one product twice");
  }

  /** In a shop whose products and categories stand side by side, each product was a listing. */
  @Test
  public void aKnownProductIsOneAlsoWhereItsAddressCouldBeAListings() {
    var side =
        new ShopAddresses(
            List.of(new AddressPattern("/{product}"), new AddressPattern("/?id={product}")),
            List.of(new AddressPattern("/{category}")),
            List.of(new AddressPattern("/tray")));
    var recogniser = new PageRecogniser(side, SHELF);
    assertEquals(
        recogniser.recognise(signs("/jar", List.of())).kind(), Optional.of(PageKind.PRODUCT));
    assertEquals(
        recogniser.recognise(signs("/?id=JAR-1", List.of())).kind(), Optional.of(PageKind.PRODUCT));
    assertEquals(
        recogniser.recognise(signs("/gifts", List.of(), "jar")).kind(),
        Optional.of(PageKind.LISTING));
    assertEquals(recogniser.recognise(signs("/", List.of())).kind(), Optional.of(PageKind.HOME));
    assertEquals(
        recogniser.recognise(signs("/tray", List.of())).kind(),
        Optional.of(PageKind.BASKET),
        "the basket's own address is nothing else");
  }

  @Test
  public void cardsKeepTheirOrderAndThoseOfNobodyArePassedOver() {
    RecognisedPage listing = page(signs("/c/gifts", List.of(), "tray", "voucher", "sku:JAR-1"));
    assertEquals(
        listing.cards().toString(),
        "{Identifier[type=ADDRESS, value=tray]=Slug[value=tray],"
            + " Identifier[type=SKU, value=JAR-1]=Slug[value=jar]}");
    RecognisedPage product = page(signs("/p/jar", List.of(), "tray", "jar"));
    assertEquals(product.cards().values().toString(), "[Slug[value=tray]]", "its own is no card");
  }

  @Test
  public void identifiersHaveAForm() {
    assertEquals(
        Identifier.parse("sku:AB:1").orElseThrow(), new Identifier(Identifier.Type.SKU, "AB:1"));
    assertEquals(
        Identifier.parse("other:AB").orElseThrow(),
        new Identifier(Identifier.Type.ADDRESS, "other:AB"));
    for (String text : new String[] {"sku:AB:1", "gtin:1", "id:1", "name:A pot", "jar"}) {
      assertEquals(Identifier.parse(text).orElseThrow().text(), text);
    }
    assertEquals(Identifier.parse("sku:"), Optional.empty());
    assertEquals(Identifier.parse("x".repeat(201)), Optional.empty());
    assertEquals(
        Arrays.stream(Identifier.Type.values())
            .map(type -> Identifier.of(type, " "))
            .anyMatch(Optional::isPresent),
        false);
  }
}
