package nodyes.app;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import nodyes.core.review.NameDisplay;
import nodyes.core.review.ReviewStatus;
import nodyes.core.reviewform.FormField;
import nodyes.core.reviewform.FormRules;
import nodyes.core.reviewform.ReviewAspect;
import nodyes.demo.DemoPictures;
import nodyes.server.moderation.Moderation;
import nodyes.server.reviewform.FormTokens;
import nodyes.server.reviewform.Forms;
import nodyes.server.reviews.Criteria;
import nodyes.server.submissions.ReviewSubmissions;

/** What shoppers of the demo write in the shop's own form, with pictures. */
final class DemoSubmissions {
  private static final String BOX = "balcony-box";

  private final ReviewSubmissions own;
  private final Forms forms;
  private final FormTokens tokens;
  private final Criteria criteria;
  private final Moderation moderation;
  private int written;

  DemoSubmissions(
      ReviewSubmissions own,
      Forms forms,
      FormTokens tokens,
      Criteria criteria,
      Moderation moderation) {
    this.own = own;
    this.forms = forms;
    this.tokens = tokens;
    this.criteria = criteria;
    this.moderation = moderation;
  }

  /** The owner asks for all there is, and publishes what came for one product. */
  void publish() {
    var fields = new EnumMap<FormField, FormField.Asked>(FormField.class);
    for (FormField field : FormField.values()) {
      fields.put(field, FormField.Asked.OPTIONAL);
    }
    forms.save(
        new FormRules(fields, FormRules.USUAL.mostPictures(), FormRules.USUAL.largestPicture()));
    criteria.set(
        List.of(
            criterion("en", "Durability", "pt", "Durabilidade", "de", "Haltbarkeit"),
            criterion("en", "Value", "pt", "Valor", "de", "Preis und Leistung")));
    var ids = new ArrayList<Long>();
    ids.add(
        rich(
            5,
            "Through two winters",
            "Moss green still looks new after two winters on a railing that faces north."
                + " The brackets grip without a rattle.",
            "Leonor Pires",
            List.of("sturdy brackets", "no rust so far"),
            List.of(),
            List.of(5, 5),
            3));
    ids.add(
        rich(
            4,
            null,
            "Heavier than I thought, and that is good up here in the wind."
                + " The drain plug was missing, and the shop sent one in three days.",
            "Henrik",
            List.of("heavy"),
            List.of("drain plug missing at first"),
            List.of(5, 4),
            1));
    ids.add(
        rich(
            2,
            "Scratched",
            "The powder coat came scratched along one edge. It holds, but it is not what I paid for.",
            "Agnes W.",
            List.of(),
            List.of("scratched on arrival", "thin carton"),
            List.of(3, 2),
            2));
    ids.add(
        rich(5, "緑がきれい", "手すりにしっかり付いて、風の日も動きません。", "由美", List.of(), List.of(), List.of(5, 4), 1));
    moderation.move(Set.copyOf(ids), ReviewStatus.PUBLISHED, Optional.empty(), "Beatriz");
  }

  /** One that waits for a look. */
  void wait(String product, int stars, String words, String reviewer) {
    take(
        new ReviewSubmissions.SubmittedReview(
            product,
            null,
            stars,
            Map.of(FormField.WORDS, words, FormField.NAME, reviewer),
            NameDisplay.AS_GIVEN,
            Map.of(),
            List.of(),
            "en"));
  }

  private static ReviewAspect criterion(
      String one, String name, String two, String second, String three, String third) {
    return new ReviewAspect(
        0, Map.of(one, name, two, second, three, third), Optional.of("planters"), true);
  }

  private long rich(
      int stars,
      @org.jspecify.annotations.Nullable String title,
      String words,
      String reviewer,
      List<String> pros,
      List<String> cons,
      List<Integer> rated,
      int pictures) {
    var texts = new EnumMap<FormField, String>(FormField.class);
    Optional.ofNullable(title).ifPresent(text -> texts.put(FormField.TITLE, text));
    texts.put(FormField.WORDS, words);
    texts.put(FormField.NAME, reviewer);
    if (!pros.isEmpty()) {
      texts.put(FormField.PROS, String.join("\n", pros));
    }
    if (!cons.isEmpty()) {
      texts.put(FormField.CONS, String.join("\n", cons));
    }
    List<ReviewAspect> asked = criteria.all();
    var given = new java.util.HashMap<Long, Integer>();
    for (int i = 0; i < rated.size(); i++) {
      given.put(asked.get(i).id(), rated.get(i));
    }
    List<String> files =
        IntStream.range(0, pictures).mapToObj(n -> picture(10 * written + n)).toList();
    return take(
        new ReviewSubmissions.SubmittedReview(
            BOX, null, stars, texts, NameDisplay.FIRST_NAME_AND_INITIAL, given, files, "en"));
  }

  private String picture(int number) {
    try {
      return forms.keep(new ByteArrayInputStream(DemoPictures.jpeg(number)));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private long take(ReviewSubmissions.SubmittedReview review) {
    written++;
    String token = tokens.opened(review.product(), Duration.ofMinutes(3));
    return own.take(
            review, new ReviewSubmissions.SubmissionContext(token, false, "shopper " + written))
        .id();
  }
}
