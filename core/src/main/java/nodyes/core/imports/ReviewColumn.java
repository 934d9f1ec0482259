package nodyes.core.imports;

import java.util.Set;

/** What a column of a file of reviews can hold, with the headers it is known by. */
public enum ReviewColumn {
  /** The product: its name in addresses, a SKU, or its title. */
  PRODUCT(
      "product",
      """
      product productname productid sku item itemreviewed slug handle gtin mpn produto
      produkt artikel artikelnummer producto artículo produit article referência
      referencia référence"""),
  /** The variant. */
  VARIANT(
      "variant",
      """
      variant size color colour option variante cor tamanho farbe größe talla tamaño
      taille couleur"""),
  /** The rating. */
  RATING(
      "rating",
      """
      rating stars star score ratingvalue reviewrating points nota avaliação classificação
      estrelas bewertung sterne punkte puntuación valoración estrellas note étoiles"""),
  /** The best rating of its scale, where each row says so. */
  BEST("best rating", "bestrating maxrating outof"),
  /** The worst rating of its scale, where each row says so. */
  WORST("worst rating", "worstrating minrating"),
  /** A line above the words. */
  TITLE(
      "title",
      """
      title headline summary subject reviewtitle título assunto titel überschrift betreff
      asunto titre objet"""),
  /** The words. */
  WORDS(
      "words",
      """
      words text review reviewbody reviewtext body content comment comments message
      description comentário texto opinião mensagem kommentar rezension meinung nachricht
      comentario opinión reseña commentaire avis texte"""),
  /** The reviewer's name. */
  REVIEWER(
      "reviewer",
      """
      reviewer reviewername author authorname name customer customername by nome cliente
      autor kunde verfasser kundenname nombre nom client auteur who wer quem quién qui"""),
  /** The reviewer's country. */
  COUNTRY("country", "country countrycode país land pays location"),
  /** The language of the words. */
  LANGUAGE("language", "language inlanguage lang locale língua idioma sprache langue"),
  /** The day it was written. */
  DATE(
      "date",
      """
      date datepublished datecreated createdat created written reviewdate published time
      timestamp data datum erstelltam fecha dateavis when wann quando cuándo quand"""),
  /** Addresses of pictures, parted by spaces, commas or bars. */
  PICTURE(
      "pictures",
      """
      picture pictures image images photo photos media foto fotos imagem imagens bild
      bilder imagen imágenes photosurls"""),
  /** The order it belongs to. */
  ORDER("order", "order ordernumber orderid encomenda bestellung bestellnummer pedido commande"),
  /** What the shop answered. */
  REPLY("reply", "reply response answer ownerreply resposta antwort respuesta réponse"),
  /** The day of the answer. */
  REPLY_DATE(
      "reply date",
      """
      replydate repliedat replyat repliedon responsedate answeredat dataresposta
      dataderesposta antwortdatum fecharespuesta fechaderespuesta dateréponse
      dateréponseduvendeur"""),
  /** What is good, a line to each. */
  PROS(
      "pros",
      """
      pros positives advantages positivenotes goodthings prós vantagens vorteile ventajas
      avantages pointsforts"""),
  /** What is not good, a line to each. */
  CONS(
      "cons",
      """
      cons negatives disadvantages drawbacks negativenotes contras desvantagens nachteile
      desventajas inconvénients pointsfaibles"""),
  /** Stars for single things: {@code Durability: 4; Value: 5}. */
  CRITERIA(
      "criteria",
      """
      criteria aspects subratings detailedratings reviewaspects critérios kriterien
      criterios critères"""),
  /** How many found it helpful. */
  HELPFUL(
      "helpful",
      """
      helpful helpfulvotes helpfulcount votes upvotes thumbsup votesup foundhelpful
      votosúteis útil hilfreich hilfreichestimmen votosútiles utile votesutiles"""),
  /** How many did not. */
  NOT_HELPFUL(
      "not helpful",
      """
      nothelpful unhelpful unhelpfulvotes downvotes thumbsdown votesdown nichthilfreich
      noútil nãoútil pasutile"""),
  /** Whether it is called a verified purchase where it comes from. */
  VERIFIED(
      "verified at source",
      """
      verifiedatsource verified verifiedpurchase verifiedbuyer isverified verifiedreview
      verificationstatus compraverificada verificado verificada verifiziert
      verifizierterkauf geprüft achatvérifié vérifié"""),
  /** What was given for it. */
  INCENTIVE(
      "incentive",
      """
      incentive incentivized incentivised isincentivized reward compensation recompensa
      incentivo gegenleistung anreiz belohnung contrepartie récompense"""),
  /** Where it stood in the shop that it went out of. */
  STATE("review state", "reviewstate"),
  /** Why it was left out there. */
  REASON("left out because", "leftoutbecause"),
  /** Whether it was picked to be shown first there. */
  FEATURED("featured", "featured isfeatured"),
  /** Its id where it comes from. */
  SOURCE_ID("source id", "sourceid reviewid id identifier url");

  private final String words;

  @SuppressWarnings("ImmutableEnumChecker") // Set.of is immutable
  private final Set<String> headers;

  ReviewColumn(String words, String headers) {
    this.words = words;
    this.headers = Set.of(headers.split("\\s+"));
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
