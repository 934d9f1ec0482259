package nodyes.app;

import static java.util.stream.Collectors.toCollection;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashSet;
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

  /**
   * A form that was filled in.
   *
   * @param rated stars of the things that are asked about, in their order
   * @param pictures how many
   */
  private record Filled(
      int stars, Map<FormField, String> texts, List<Integer> rated, int pictures) {}

  private static final List<Filled> BOX_REVIEWS =
      List.of(
          new Filled(
              5,
              Map.of(
                  FormField.TITLE,
                  "Through two winters",
                  FormField.WORDS,
                  "Moss green still looks new after two winters on a railing that faces north."
                      + " The brackets grip without a rattle.",
                  FormField.NAME,
                  "Leonor Pires",
                  FormField.PROS,
                  "sturdy brackets\nno rust so far"),
              List.of(5, 5),
              3),
          new Filled(
              4,
              Map.of(
                  FormField.WORDS,
                  "Heavier than I thought, and that is good up here in the wind."
                      + " The drain plug was missing, and the shop sent one in three days.",
                  FormField.NAME,
                  "Henrik",
                  FormField.PROS,
                  "heavy",
                  FormField.CONS,
                  "drain plug missing at first"),
              List.of(5, 4),
              1),
          new Filled(
              2,
              Map.of(
                  FormField.TITLE,
                  "Scratched",
                  FormField.WORDS,
                  "The powder coat came scratched along one edge. It holds, but it is not what I"
                      + " paid for.",
                  FormField.NAME,
                  "Agnes W.",
                  FormField.CONS,
                  "scratched on arrival\nthin carton"),
              List.of(3, 2),
              2),
          new Filled(
              5,
              Map.of(
                  FormField.TITLE,
                  "緑がきれい",
                  FormField.WORDS,
                  "手すりにしっかり付いて、風の日も動きません。",
                  FormField.NAME,
                  "由美"),
              List.of(5, 4),
              1));

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
            criterion(Map.of("en", "Durability", "pt", "Durabilidade", "de", "Haltbarkeit")),
            criterion(Map.of("en", "Value", "pt", "Valor", "de", "Preis und Leistung"))));
    Set<Long> ids = BOX_REVIEWS.stream().map(this::rich).collect(toCollection(LinkedHashSet::new));
    moderation.move(ids, ReviewStatus.PUBLISHED, Optional.empty(), "Beatriz");
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

  private static ReviewAspect criterion(Map<String, String> names) {
    return new ReviewAspect(0, names, Optional.of("planters"), true);
  }

  private long rich(Filled form) {
    List<ReviewAspect> asked = criteria.all();
    var given = new HashMap<Long, Integer>();
    for (int i = 0; i < form.rated().size(); i++) {
      given.put(asked.get(i).id(), form.rated().get(i));
    }
    List<String> files =
        IntStream.range(0, form.pictures()).mapToObj(n -> picture(10 * written + n)).toList();
    return take(
        new ReviewSubmissions.SubmittedReview(
            BOX,
            null,
            form.stars(),
            form.texts(),
            NameDisplay.FIRST_NAME_AND_INITIAL,
            given,
            files,
            "en"));
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
