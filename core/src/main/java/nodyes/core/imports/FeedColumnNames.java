package nodyes.core.imports;

import static java.util.Map.entry;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * Which schema.org term a column of a table of products or orders holds, by its heading: the term
 * itself, or a word that owners write for it in English, Portuguese, German, Spanish or French.
 */
public final class FeedColumnNames {
  /** A price of the shop's own that held before; schema.org's StrikethroughPrice. */
  public static final String EARLIER_PRICE = "strikethroughPrice";

  private static final List<String> SKU_WORDS =
      words(
          "variantsku itemno itemnumber itemcode itemid articleno articlenumber articlecode artno"
              + " productno productcode productnumber stockcode partnumber modelnumber code"
              + " artikelnummer artikelnr artnr artikelcode bestellnr referência ref referencia"
              + " référence réf código codigo códigodoartigo códigodoproduto códigodeartículo"
              + " codeproduit codearticle refproduit referencefournisseur reference");

  private static final List<Map.Entry<String, List<String>>> PRODUCTS =
      List.of(
          entry(
              "productGroupID",
              words(
                  "productid handle slug nameinaddresses nameinaddress page página seite pagina")),
          entry(
              "name",
              words(
                  "productname product title item itemname articlename produto nome nomedoproduto"
                      + " produkt produktname artikel artikelname bezeichnung producto nombre"
                      + " nombredelproducto produit nom nomduproduit désignation libellé titre"
                      + " título titel")),
          entry("sku", SKU_WORDS),
          entry(
              "size",
              words(
                  "variant variantname option tamanho größe variante variação variación tamaño"
                      + " talla taille déclinaison")),
          entry(
              "price",
              words(
                  "unitprice sellingprice currentprice saleprice ourprice pricenow now retailprice"
                      + " grossprice preço preçounitário preçodevenda preçoatual pvp preis"
                      + " verkaufspreis vkpreis vk bruttopreis stückpreis aktuellerpreis precio"
                      + " preciounitario preciodeventa precioactual prix prixunitaire prixdevente"
                      + " prixttc prixactuel")),
          entry("priceCurrency", words("currency currencycode moeda währung moneda divisa devise")),
          entry(
              EARLIER_PRICE,
              words(
                  "was wasprice oldprice before beforeprice pricebefore previousprice formerprice"
                      + " originalprice original regularprice regular normalprice usualprice"
                      + " fullprice strikeprice crossedoutprice preçoantigo pvpantigo antes"
                      + " preçoanterior preçooriginal preçonormal preçosemdesconto alterpreis"
                      + " altpreis vorher vorherigerpreis statt stattpreis streichpreis"
                      + " ursprünglicherpreis ursprungspreis originalpreis normalpreis"
                      + " regulärerpreis precioantiguo precioanterior preciooriginal precionormal"
                      + " precioregular preciotachado ancienprix prixbarré prixinitial prixnormal"
                      + " prixdorigine prixoriginal avant prixavant")),
          entry(
              "listPrice",
              words(
                  "recommendedprice recommendedretailprice suggestedprice suggestedretailprice"
                      + " manufacturersprice referenceprice rrp msrp srp list uvp"
                      + " unverbindlichepreisempfehlung listenpreis preçodetabela"
                      + " preçorecomendado pvpr preciodelista preciorecomendado prixconseillé"
                      + " prixpublic prixcatalogue pvp")),
          entry(
              "inventoryLevel",
              words(
                  "stock stocklevel stockquantity onhand available quantity qty instock inventory"
                      + " bestand lagerbestand lagermenge lager verfügbar existências existencias"
                      + " estoque quantidade menge cantidad quantité stockdisponible disponible"
                      + " disponível")),
          entry(
              "category",
              words(
                  "categories section department collection producttype productcategory group"
                      + " family range categoria kategorie warengruppe abteilung rubrik sortiment"
                      + " categoría sección familia colección catégorie rubrique rayon famille"
                      + " gamme secção seção família coleção")),
          entry(
              "keywords",
              words("tags tag labels etiquetas schlagwörter schlagworte motsclés palavraschave")),
          entry("description", words("text descrição beschreibung descripción descriptif")),
          entry(
              "image",
              words(
                  "picture pictures photo photos images imagem imagens foto fotos bild bilder imagen"
                      + " imágenes imageurl imagelink pictureurl photourl bildurl urlimagem"
                      + " urlimage")),
          entry(
              "brand",
              words(
                  "maker manufacturer vendor marca fabricante marke hersteller marque fabricant")),
          entry(
              "releaseDate",
              words(
                  "released newsince since launchdate launched datelançamento seit"
                      + " erscheinungsdatum fechadelanzamiento datedesortie")),
          entry("gtin", words("gtin13 ean ean13 upc barcode isbn códigodebarras codebarres")),
          entry("availability", List.of()),
          entry("availabilityStarts", List.of()));

  private static final List<Map.Entry<String, List<String>>> ORDERS =
      List.of(
          entry(
              "orderNumber",
              words(
                  "order orderid orderno orderref orderreference ordercode number no encomenda"
                      + " nencomenda númerodaencomenda bestellung bestellnummer bestellnr"
                      + " auftragsnummer auftrag auftragsnr pedido npedido númerodepedido"
                      + " númerodopedido commande ncommande numérodecommande nºpedido"
                      + " nºencomenda")),
          entry(
              "orderDate",
              words(
                  "date placed placedat placedon ordered orderedat orderedon orderplaced createdat"
                      + " created purchased purchasedate saledate paidat time timestamp data"
                      + " datadaencomenda datadopedido datadecompra datum bestelldatum"
                      + " auftragsdatum bestelltam kaufdatum fecha fechadepedido fechadecompra"
                      + " datedecommande datecommande dateachat")),
          entry("orderStatus", words("status state estado stand statut situação état")),
          entry(
              "addressCountry",
              words(
                  "country countrycode shippingcountry deliverycountry shiptocountry país land"
                      + " lieferland pays paysdelivraison paísdeenvío paísdeentrega")),
          entry(
              "addressLocality",
              words(
                  "town city locality place shippingcity deliverycity shiptocity local localidade"
                      + " cidade ort stadt wohnort lieferort ciudad localidad población ville"
                      + " commune")),
          entry(
              "sku",
              Stream.concat(
                      SKU_WORDS.stream(),
                      Stream.of(
                          "variant",
                          "product",
                          "item",
                          "article",
                          "artikel",
                          "produkt",
                          "produto",
                          "producto",
                          "produit"))
                  .toList()),
          entry(
              "orderQuantity",
              words(
                  "quantity qty qtd units pieces pcs count amountordered quantidade menge anzahl"
                      + " stück stückzahl cantidad cant unidades quantité qté nombre")),
          entry("orderItemStatus", words("itemstatus linestatus")),
          entry(
              "shipped",
              words(
                  "shippedat shippedon shipdate dispatched dispatchdate sent enviado enviadoem"
                      + " datadeenvio versandt versanddatum versendetam enviadoel fechadeenvío"
                      + " expédié datedexpédition")),
          entry(
              "arrived",
              words(
                  "arrivedat arrivedon delivered deliveredat deliveredon deliverydate entregue"
                      + " entregueem datadeentrega zugestellt zustelldatum geliefert lieferdatum"
                      + " entregado fechadeentrega livré datedelivraison")));

  private FeedColumnNames() {}

  private static List<String> words(String words) {
    return List.of(words.split(" "));
  }

  /** The column of each term in a table of products, from 0; the first where several fit. */
  public static Map<String, Integer> products(List<String> headings) {
    return columns(PRODUCTS, headings);
  }

  /** The column of each term in a table of orders, from 0; the first where several fit. */
  public static Map<String, Integer> orders(List<String> headings) {
    return columns(ORDERS, headings);
  }

  /** All terms of a table of orders or of products, in the order that they are shown in. */
  public static List<String> terms(boolean isOrders) {
    return (isOrders ? ORDERS : PRODUCTS).stream().map(Map.Entry::getKey).toList();
  }

  /**
   * A term by its own name comes before a word for it, and is no word for another; of the words for
   * a term the usual one first.
   */
  private static Map<String, Integer> columns(
      List<Map.Entry<String, List<String>>> terms, List<String> headings) {
    List<String> plain = headings.stream().map(FeedColumnNames::plain).toList();
    var columns = new LinkedHashMap<String, Integer>();
    for (var term : terms) {
      int own = plain.indexOf(ColumnDetector.plain(term.getKey()));
      if (own >= 0) {
        columns.put(term.getKey(), own);
      }
    }
    for (var term : terms) {
      if (!columns.containsKey(term.getKey())) {
        term.getValue().stream()
            .map(plain::indexOf)
            .filter(index -> index >= 0 && !columns.containsValue(index))
            .findFirst()
            .ifPresent(index -> columns.put(term.getKey(), index));
      }
    }
    return columns;
  }

  /** Without what stands in brackets, such as a currency or a unit. */
  private static String plain(String heading) {
    String bare = heading.replaceAll("\\s*[(\\[][^)\\]]*[)\\]]", "");
    return ColumnDetector.plain(bare.isBlank() ? heading : bare);
  }
}
