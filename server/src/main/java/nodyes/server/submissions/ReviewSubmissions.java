package nodyes.server.submissions;

import static nodyes.server.messages.Texts.text;

import java.security.SecureRandom;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.common.Slug;
import nodyes.core.imports.ImportedReview;
import nodyes.core.imports.ReviewFlag;
import nodyes.core.rating.Rating;
import nodyes.core.review.NameDisplay;
import nodyes.core.review.PublicationPolicy;
import nodyes.core.review.ReviewMedia;
import nodyes.core.review.ReviewStatus;
import nodyes.core.review.ReviewText;
import nodyes.core.review.Writer;
import nodyes.core.reviewform.FormField;
import nodyes.core.reviewform.FormRules;
import nodyes.core.reviewform.ReviewAspect;
import nodyes.core.reviewform.SpamSignals;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.catalogue.CatalogueProduct;
import nodyes.server.database.Database;
import nodyes.server.imports.LanguageDetector;
import nodyes.server.moderation.Moderation;
import nodyes.server.outbound.OutgoingMail;
import nodyes.server.reviewform.FormTokens;
import nodyes.server.reviewform.Forms;
import nodyes.server.reviews.Criteria;
import nodyes.server.reviews.Fingerprints;
import nodyes.server.reviews.NewReview;
import nodyes.server.reviews.Reviews;
import nodyes.server.shop.Shop;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.ApiProblem.FieldError;
import nodyes.server.web.Given;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Takes reviews that shoppers write in the shop. */
@Component
public class ReviewSubmissions {
  /** Who publishes what the owner wants published at once. */
  static final String BY_RULE = "your rule for new reviews";

  private static final int LONG_ENOUGH = 40;

  private final SecureRandom random = new SecureRandom();
  private final SubmissionPolicyStore rules;
  private final Reviews reviews;
  private final Moderation moderation;
  private final Catalogue catalogue;
  private final LanguageDetector guess;
  private final Database database;
  private final Shop shop;
  private final Clock clock;
  private final Forms forms;
  private final FormTokens tokens;
  private final Criteria criteria;
  private final SubmissionRateCounter senders;
  private final ReviewerMails letters;

  ReviewSubmissions(
      SubmissionPolicyStore rules,
      Reviews reviews,
      Moderation moderation,
      Catalogue catalogue,
      LanguageDetector guess,
      Database database,
      Shop shop,
      Clock clock,
      Forms forms,
      FormTokens tokens,
      Criteria criteria,
      SubmissionRateCounter senders,
      ReviewerMails letters) {
    this.rules = rules;
    this.reviews = reviews;
    this.moderation = moderation;
    this.catalogue = catalogue;
    this.guess = guess;
    this.database = database;
    this.shop = shop;
    this.clock = clock;
    this.forms = forms;
    this.tokens = tokens;
    this.criteria = criteria;
    this.senders = senders;
    this.letters = letters;
  }

  /**
   * What was written.
   *
   * @param product slug of the product
   * @param variant the shop's variant
   * @param stars 1 to 5
   * @param texts by field, those that were filled in
   * @param nameForm how the writer wants the name shown
   * @param criteria stars for single things, by the criterion's id
   * @param pictures files that were sent ahead
   * @param language that the form was in
   */
  public record SubmittedReview(
      String product,
      @Nullable String variant,
      int stars,
      Map<FormField, String> texts,
      NameDisplay nameForm,
      Map<Long, Integer> criteria,
      List<String> pictures,
      String language) {
    Optional<String> text(FormField field) {
      return Optional.ofNullable(texts.get(field)).filter(text -> !text.isEmpty());
    }
  }

  /**
   * How it was sent.
   *
   * @param token of the form
   * @param isTrapFilled whether the field that people do not see was filled in
   * @param caller address it came from; not kept
   */
  public record SubmissionContext(String token, boolean isTrapFilled, String caller) {}

  /** What became of it: its id, and whether shoppers see it already. */
  public record SubmissionResult(long id, boolean isPublished) {}

  /** Changes what becomes of new reviews, and who is told of them. */
  public void follow(PublicationPolicy admission, NotificationFrequency notice, String noticeTo) {
    rules.save(admission, notice, noticeTo);
  }

  /** Stores what was written. A form that is sent twice is one review. */
  public SubmissionResult take(SubmittedReview written, SubmissionContext sending) {
    FormTokens.Opened opened = tokens.read(sending.token(), written.product());
    Optional<Long> before = forms.became(opened.nonce());
    if (before.isPresent()) {
      return became(before.get());
    }
    CatalogueProduct product = product(written.product());
    check(written, product);
    Optional<String> variant = Given.text(written.variant());
    ImportedReview review = candidate(written, variant);
    Set<ReviewFlag> signs = signs(review, opened, sending);
    long fingerprint = fingerprint(product.id().value(), review);
    boolean isPublished =
        signs.isEmpty()
            && rules.rule().admission().first(review.text().body().orElse(""))
                == ReviewStatus.PUBLISHED;
    var flags = EnumSet.noneOf(ReviewFlag.class);
    flags.addAll(ReviewFlag.ofWords(review.text().body()));
    flags.addAll(signs);
    var fresh =
        new NewReview(
            review,
            product.id().value(),
            variant,
            review.writer().name().flatMap(written.nameForm()::of),
            Optional.empty(),
            Optional.empty(),
            0,
            ReviewFlag.bits(flags),
            fingerprint,
            clock.instant());
    long id = store(fresh, written, opened.nonce());
    senders.sent(sending.caller());
    written
        .text(FormField.EMAIL)
        .ifPresent(address -> letters.write(id, address, written.language()));
    if (isPublished) {
      moderation.move(Set.of(id), ReviewStatus.PUBLISHED, Optional.empty(), BY_RULE);
    }
    return new SubmissionResult(id, isPublished);
  }

  private CatalogueProduct product(String slug) {
    return Slug.parse(slug)
        .flatMap(one -> Optional.ofNullable(catalogue.find(List.of(one)).get(one)))
        .orElseThrow(() -> ApiProblem.value("product", text("problems.notInCatalogue")));
  }

  private long store(NewReview review, SubmittedReview written, String nonce) {
    return database.write(
        _ -> {
          if (!reviews.known(List.of(review.fingerprint())).isEmpty()) {
            throw ApiProblem.unusable(text("reviews.alreadyHere"));
          }
          long stored = reviews.add(review);
          reviews.detail(stored, review.candidate().text(), written.criteria(), written.pictures());
          forms.became(nonce, stored);
          return stored;
        });
  }

  private SubmissionResult became(long id) {
    return new SubmissionResult(
        id,
        reviews
            .find(id)
            .filter(line -> line.moderation().status() == ReviewStatus.PUBLISHED)
            .isPresent());
  }

  private void check(SubmittedReview written, CatalogueProduct product) {
    List<Long> asked =
        criteria.askedOf(product.categories()).stream().map(ReviewAspect::id).toList();
    var faults = new ArrayList<FieldError>();
    forms
        .rules()
        .problems(
            written.stars(),
            written.texts(),
            new FormRules.Rated(written.criteria().size(), asked.size()),
            written.pictures().size())
        .forEach(
            problem ->
                faults.add(
                    new FieldError(
                        problem.field(),
                        problem.fault().name().toLowerCase(Locale.ROOT).replace('_', '-'))));
    written
        .text(FormField.EMAIL)
        .filter(address -> !OutgoingMail.isAddress(address))
        .ifPresent(_ -> faults.add(new FieldError("email", "no-address")));
    if (!asked.containsAll(written.criteria().keySet())
        || written.criteria().values().stream().anyMatch(stars -> stars < 1 || stars > 5)) {
      faults.add(new FieldError("criteria", "gone"));
    }
    if (!forms.sent(written.pictures()).containsAll(written.pictures())) {
      faults.add(new FieldError("pictures", "gone"));
    }
    Optional<String> variant = Given.text(written.variant());
    if (variant.isPresent() && !catalogue.variants(written.product()).contains(variant.get())) {
      faults.add(new FieldError("variant", text("reviews.variantNotSold")));
    }
    ApiProblem.ifAny(faults);
  }

  private Set<ReviewFlag> signs(
      ImportedReview review, FormTokens.Opened opened, SubmissionContext sending) {
    String words = review.text().body().orElse("");
    return SpamSignals.of(
        new SpamSignals.Sent(
            sending.isTrapFilled(),
            opened.taken(),
            review.text().title().orElse("") + " " + words,
            senders.inTheLastHour(sending.caller()),
            words.length() < LONG_ENOUGH ? 0 : forms.alike(words)));
  }

  private static List<String> lines(SubmittedReview written, FormField field) {
    return written.text(field).stream()
        .flatMap(String::lines)
        .map(String::strip)
        .filter(line -> !line.isEmpty())
        .toList();
  }

  /** Two shoppers may well say the same few words; only many of them are the same review again. */
  private long fingerprint(long product, ImportedReview review) {
    return review.text().body().orElse("").length() < LONG_ENOUGH
        ? random.nextLong()
        : Fingerprints.of(product, review);
  }

  private ImportedReview candidate(SubmittedReview written, Optional<String> variant) {
    Optional<String> words = written.text(FormField.WORDS);
    return new ImportedReview(
        0,
        Optional.of(written.product()),
        variant,
        Rating.ofStars(written.stars()),
        String.valueOf(written.stars()),
        new ReviewText(
            written.text(FormField.TITLE),
            words,
            words.flatMap(guess::of),
            lines(written, FormField.PROS),
            lines(written, FormField.CONS)),
        new Writer(written.text(FormField.NAME), Optional.empty()),
        ImportedReview.Source.writtenOn(
            Optional.of(LocalDate.ofInstant(clock.instant(), shop.settings().zone()))),
        ReviewMedia.NONE,
        Optional.empty());
  }
}
