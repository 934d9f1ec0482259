package nodyes.core.bringin;

import java.util.Set;

/** What a column of a file of reviews can hold, with the headers it is known by. */
public enum Column {
  /** The product: its name in addresses, a SKU, or its title. */
  PRODUCT("product", "product", "sku", "item", "itemreviewed", "produto", "produkt", "producto"),
  /** The variant. */
  VARIANT("variant", "variant", "size", "variante"),
  /** The rating. */
  RATING(
      "rating",
      "rating",
      "stars",
      "score",
      "ratingvalue",
      "reviewrating",
      "nota",
      "bewertung",
      "sterne",
      "avaliação",
      "puntuación",
      "estrellas",
      "note"),
  /** A line above the words. */
  TITLE("title", "title", "headline", "summary", "título", "titel", "titre"),
  /** The words. */
  WORDS(
      "words",
      "words",
      "text",
      "review",
      "reviewbody",
      "body",
      "comment",
      "comentário",
      "kommentar",
      "comentario",
      "commentaire"),
  /** The reviewer's name. */
  REVIEWER("reviewer", "reviewer", "author", "name", "customer", "nome", "nombre", "nom", "autor"),
  /** The reviewer's country. */
  COUNTRY("country", "country", "país", "land", "pays"),
  /** The language of the words. */
  LANGUAGE("language", "language", "inlanguage", "lang", "língua", "sprache", "idioma", "langue"),
  /** The day it was written. */
  DATE("date", "date", "datepublished", "datecreated", "written", "data", "datum", "fecha"),
  /** The order it belongs to. */
  ORDER("order", "order", "ordernumber", "orderid", "encomenda", "bestellung", "pedido"),
  /** Its id where it comes from. */
  SOURCE_ID("source id", "sourceid", "reviewid", "id", "identifier");

  private final String words;

  @SuppressWarnings("ImmutableEnumChecker") // Set.of is immutable
  private final Set<String> headers;

  Column(String words, String... headers) {
    this.words = words;
    this.headers = Set.of(headers);
  }

  /** Its name in a sentence. */
  public String words() {
    return words;
  }

  /** Whether a column with this header, in plain lower-case letters, is likely to hold it. */
  boolean isNamed(String plainHeader) {
    return headers.contains(plainHeader);
  }
}
