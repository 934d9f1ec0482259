package nodyes.core.imports;

import static java.util.Map.entry;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Which schema.org term a column of a table of products or orders holds, by its heading: the term
 * itself, or a word that owners write for it in English, Portuguese, German, Spanish or French.
 */
public final class FeedColumnNames {
  private static final List<Map.Entry<String, List<String>>> PRODUCTS =
      List.of(
          entry(
              "productGroupID",
              List.of("productid", "handle", "slug", "nameinaddresses", "nameinaddress", "page")),
          entry(
              "name",
              List.of(
                  "productname",
                  "product",
                  "title",
                  "item",
                  "produto",
                  "nome",
                  "produkt",
                  "artikel",
                  "bezeichnung",
                  "producto",
                  "nombre",
                  "produit",
                  "nom",
                  "titre",
                  "título",
                  "titel")),
          entry(
              "sku", List.of("variantsku", "articlenumber", "artikelnummer", "referência", "ref")),
          entry(
              "size",
              List.of(
                  "variant",
                  "variantname",
                  "tamanho",
                  "größe",
                  "variante",
                  "tamaño",
                  "talla",
                  "taille")),
          entry("price", List.of("unitprice", "preço", "preis", "precio", "prix")),
          entry("priceCurrency", List.of("currency", "moeda", "währung", "moneda", "devise")),
          entry(
              "listPrice",
              List.of("recommendedprice", "referenceprice", "rrp", "uvp", "pvp", "prixconseillé")),
          entry(
              "inventoryLevel",
              List.of(
                  "stock",
                  "quantity",
                  "qty",
                  "instock",
                  "inventory",
                  "bestand",
                  "lagerbestand",
                  "lager",
                  "existências",
                  "existencias",
                  "estoque",
                  "quantidade",
                  "menge",
                  "cantidad",
                  "quantité")),
          entry(
              "category",
              List.of("categories", "categoria", "kategorie", "categoría", "catégorie")),
          entry("keywords", List.of("tags", "tag", "etiquetas", "schlagwörter", "motsclés")),
          entry("description", List.of("text", "descrição", "beschreibung", "descripción")),
          entry(
              "image", List.of("picture", "photo", "imagem", "foto", "bild", "imagen", "imageurl")),
          entry("brand", List.of("maker", "marca", "marke", "hersteller", "marque")),
          entry("releaseDate", List.of("released", "newsince")),
          entry("availability", List.of()),
          entry("availabilityStarts", List.of()));

  private static final List<Map.Entry<String, List<String>>> ORDERS =
      List.of(
          entry(
              "orderNumber",
              List.of(
                  "order",
                  "orderid",
                  "number",
                  "encomenda",
                  "bestellung",
                  "bestellnummer",
                  "pedido",
                  "commande")),
          entry(
              "orderDate",
              List.of("date", "placed", "orderedat", "data", "datum", "bestelldatum", "fecha")),
          entry("orderStatus", List.of("status", "estado")),
          entry("addressCountry", List.of("country", "countrycode", "país", "land", "pays")),
          entry(
              "sku", List.of("variantsku", "articlenumber", "artikelnummer", "referência", "ref")),
          entry(
              "orderQuantity",
              List.of(
                  "quantity",
                  "qty",
                  "units",
                  "quantidade",
                  "menge",
                  "anzahl",
                  "cantidad",
                  "quantité")),
          entry("orderItemStatus", List.of()));

  private FeedColumnNames() {}

  /** The column of each term in a table of products, from 0; the first where several fit. */
  public static Map<String, Integer> products(List<String> headings) {
    return columns(PRODUCTS, headings);
  }

  /** The column of each term in a table of orders, from 0; the first where several fit. */
  public static Map<String, Integer> orders(List<String> headings) {
    return columns(ORDERS, headings);
  }

  /** A term by its own name comes before a word for it, and is no word for another. */
  private static Map<String, Integer> columns(
      List<Map.Entry<String, List<String>>> terms, List<String> headings) {
    List<String> plain = headings.stream().map(ColumnDetector::plain).toList();
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
            .mapToInt(plain::indexOf)
            .filter(index -> index >= 0 && !columns.containsValue(index))
            .min()
            .ifPresent(index -> columns.put(term.getKey(), index));
      }
    }
    return columns;
  }
}
