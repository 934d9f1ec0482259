package nodyes.server.reviews.export;

import static java.util.Objects.requireNonNull;

import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.imports.ReviewColumn;
import nodyes.core.imports.SchemaOrgReviewReader;
import nodyes.core.review.LeaveOutReason;
import nodyes.core.review.ReviewDate;
import nodyes.core.review.Votes;
import nodyes.server.reviews.ExportedReview;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;

/** Reviews in the vocabulary of schema.org: a line each, or all in one JSON-LD document. */
final class SchemaFile implements ExportWriter {
  private static final JsonMapper JSON = JsonMapper.shared();
  private static final String YES = "yes";
  private static final String CONTEXT = "https://schema.org";

  private final Writer writer;
  private final boolean isOneDocument;
  private boolean isFirst = true;

  private SchemaFile(OutputStream out, boolean isOneDocument) {
    this.writer = new OutputStreamWriter(out, StandardCharsets.UTF_8);
    this.isOneDocument = isOneDocument;
  }

  /** A review a line, each a document of its own. */
  static SchemaFile ofLines(OutputStream out) {
    return new SchemaFile(out, false);
  }

  /** All reviews in the graph of one document. */
  static SchemaFile ofOneDocument(OutputStream out) throws IOException {
    var file = new SchemaFile(out, true);
    file.writer.write("{\"@context\":\"" + CONTEXT + "\",\"@graph\":[");
    return file;
  }

  @Override
  public void write(ExportedReview row) throws IOException {
    if (isOneDocument) {
      writer.write(isFirst ? "\n" : ",\n");
    }
    isFirst = false;
    writer.write(JSON.writeValueAsString(review(row, !isOneDocument)));
    if (!isOneDocument) {
      writer.write("\n");
    }
  }

  private static Map<String, Object> review(ExportedReview row, boolean withContext) {
    var review = new LinkedHashMap<String, Object>();
    if (withContext) {
      review.put("@context", CONTEXT);
    }
    review.put("@type", "Review");
    put(review, "identifier", row.origin().sourceId());
    review.put("itemReviewed", product(row));
    var rating = typed("Rating");
    rating.put("ratingValue", new BigDecimal(row.rating()));
    rating.put("bestRating", 5);
    rating.put("worstRating", 1);
    review.put("reviewRating", ratings(rating, row.extras().criteria()));
    put(review, "headline", row.text().title());
    put(review, "reviewBody", row.text().body());
    if (row.writer().name().isPresent() || row.writer().country().isPresent()) {
      review.put("author", author(row));
    }
    put(
        review,
        "datePublished",
        Optional.ofNullable(row.origin().date()).map(ReviewDate::toString));
    put(review, "inLanguage", row.text().language());
    if (!row.media().isEmpty()) {
      review.put("image", row.media().pictures());
    }
    notes(review, "positiveNotes", row.text().pros());
    notes(review, "negativeNotes", row.text().cons());
    votes(review, row.extras().votes());
    if (row.moderation().reply() != null) {
      var comment = typed("Comment");
      comment.put("text", row.moderation().reply());
      if (row.moderation().repliedAt() != null) {
        comment.put("dateCreated", row.moderation().repliedAt().toString());
      }
      review.put("comment", comment);
    }
    put(review, "creativeWorkStatus", row.moderation().state().name());
    own(review, row);
    return review;
  }

  /** What the vocabulary has no property for. */
  private static void own(Map<String, Object> review, ExportedReview row) {
    var moderation = row.moderation();
    own(review, ReviewColumn.ORDER, row.origin().order());
    own(review, ReviewColumn.VERIFIED, row.origin().isVerifiedThere() ? YES : null);
    own(review, ReviewColumn.INCENTIVE, row.origin().incentive());
    own(review, ReviewColumn.STATE, moderation.state().name());
    LeaveOutReason reason = moderation.leftOutBecause();
    own(review, ReviewColumn.REASON, reason == null ? null : reason.name());
    own(review, ReviewColumn.FEATURED, moderation.isFeatured() ? YES : null);
  }

  private static void own(Map<String, Object> review, ReviewColumn column, @Nullable String text) {
    put(review, requireNonNull(SchemaOrgReviewReader.OWN_NAMES.get(column)), text);
  }

  /** The rating alone, or with those of single things. */
  private static Object ratings(Map<String, Object> whole, Map<String, Integer> criteria) {
    if (criteria.isEmpty()) {
      return whole;
    }
    var all = new ArrayList<Object>(List.of(whole));
    criteria.forEach(
        (name, stars) -> {
          var rating = typed("Rating");
          rating.put("reviewAspect", name);
          rating.put("ratingValue", stars);
          all.add(rating);
        });
    return all;
  }

  private static void notes(Map<String, Object> review, String property, List<String> notes) {
    if (notes.isEmpty()) {
      return;
    }
    var items = new ArrayList<Object>();
    for (String note : notes) {
      var item = typed("ListItem");
      item.put("position", items.size() + 1);
      item.put("name", note);
      items.add(item);
    }
    var list = typed("ItemList");
    list.put("itemListElement", items);
    review.put(property, list);
  }

  private static void votes(Map<String, Object> review, Votes votes) {
    var counters = new ArrayList<Object>();
    counter("LikeAction", votes.helpful()).ifPresent(counters::add);
    counter("DislikeAction", votes.notHelpful()).ifPresent(counters::add);
    if (!counters.isEmpty()) {
      review.put("interactionStatistic", counters);
    }
  }

  private static Optional<Object> counter(String action, long count) {
    if (count == 0) {
      return Optional.empty();
    }
    var counter = typed("InteractionCounter");
    counter.put("interactionType", "https://schema.org/" + action);
    counter.put("userInteractionCount", count);
    return Optional.of(counter);
  }

  private static Map<String, Object> product(ExportedReview row) {
    var product = typed("Product");
    product.put("name", row.subject().title());
    product.put("productID", row.subject().product());
    if (row.subject().variant().isPresent()) {
      var variant = typed("PropertyValue");
      variant.put("name", SchemaOrgReviewReader.VARIANT);
      variant.put("value", row.subject().variant().get());
      product.put("additionalProperty", variant);
    }
    return product;
  }

  private static Map<String, Object> author(ExportedReview row) {
    var author = typed("Person");
    put(author, "name", row.writer().name());
    if (row.writer().country().isPresent()) {
      var address = typed("PostalAddress");
      address.put("addressCountry", row.writer().country().get());
      author.put("address", address);
    }
    return author;
  }

  private static Map<String, Object> typed(String type) {
    var node = new LinkedHashMap<String, Object>();
    node.put("@type", type);
    return node;
  }

  private static void put(Map<String, Object> node, String property, Optional<String> value) {
    value.ifPresent(text -> node.put(property, text));
  }

  private static void put(Map<String, Object> node, String property, @Nullable String value) {
    if (value != null) {
      node.put(property, value);
    }
  }

  @Override
  public void close() throws IOException {
    if (isOneDocument) {
      writer.write("\n]}\n");
    }
    writer.close();
  }
}
