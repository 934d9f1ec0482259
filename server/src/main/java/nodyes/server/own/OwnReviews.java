package nodyes.server.own;

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
import nodyes.core.bringin.Candidate;
import nodyes.core.bringin.Flag;
import nodyes.core.common.Slug;
import nodyes.core.form.Criterion;
import nodyes.core.form.FormField;
import nodyes.core.form.FormRules;
import nodyes.core.form.SpamSigns;
import nodyes.core.rating.Rating;
import nodyes.core.review.Admission;
import nodyes.core.review.NameForm;
import nodyes.core.review.Review;
import nodyes.core.review.ReviewState;
import nodyes.server.bringin.LanguageGuess;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.catalogue.CatalogueProduct;
import nodyes.server.database.Database;
import nodyes.server.form.FormTokens;
import nodyes.server.form.Forms;
import nodyes.server.outside.Mail;
import nodyes.server.reviews.Criteria;
import nodyes.server.reviews.Fingerprints;
import nodyes.server.reviews.NewReview;
import nodyes.server.reviews.Reviews;
import nodyes.server.shop.Shop;
import nodyes.server.web.Given;
import nodyes.server.web.Refusal;
import nodyes.server.web.Refusal.Fault;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Takes reviews that shoppers write in the shop. */
@Component
public class OwnReviews {
  /** Who publishes what the owner wants published at once. */
  static final String BY_RULE = "your rule for new reviews";

  private static final int LONG_ENOUGH = 40;

  private final SecureRandom random = new SecureRandom();
  private final OwnRuleStore rules;
  private final Reviews reviews;
  private final Catalogue catalogue;
  private final LanguageGuess guess;
  private final Database database;
  private final Shop shop;
  private final Clock clock;
  private final Forms forms;
  private final FormTokens tokens;
  private final Criteria criteria;
  private final Senders senders;
  private final WriterLetters letters;

  OwnReviews(
      OwnRuleStore rules,
      Reviews reviews,
      Catalogue catalogue,
      LanguageGuess guess,
      Database database,
      Shop shop,
      Clock clock,
      Forms forms,
      FormTokens tokens,
      Criteria criteria,
      Senders senders,
      WriterLetters letters) {
    this.rules = rules;
    this.reviews = reviews;
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
  public record Written(
      String product,
      @Nullable String variant,
      int stars,
      Map<FormField, String> texts,
      NameForm nameForm,
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
  public record Sending(String token, boolean isTrapFilled, String caller) {}

  /** What became of it: its id, and whether shoppers see it already. */
  public record Became(long id, boolean isPublished) {}

  /** Changes what becomes of new reviews, and who is told of them. */
  public void follow(Admission admission, Notice notice, String noticeTo) {
    rules.save(admission, notice, noticeTo);
  }

  /** Stores what was written. A form that is sent twice is one review. */
  public Became take(Written written, Sending sending) {
    FormTokens.Opened opened = tokens.read(sending.token(), written.product());
    Optional<Long> before = forms.became(opened.nonce());
    if (before.isPresent()) {
      return became(before.get());
    }
    CatalogueProduct product = product(written.product());
    check(written, product);
    Optional<String> variant = Given.text(written.variant());
    Candidate review = candidate(written, variant);
    Set<Flag> signs = signs(review, opened, sending);
    long fingerprint = fingerprint(product.id().value(), review);
    boolean isPublished =
        signs.isEmpty()
            && rules.rule().admission().first(review.words().orElse("")) == ReviewState.PUBLISHED;
    var flags = EnumSet.noneOf(Flag.class);
    flags.addAll(Flag.ofWords(review.words()));
    flags.addAll(signs);
    var fresh =
        new NewReview(
            review,
            product.id().value(),
            variant,
            review.reviewer().flatMap(written.nameForm()::of),
            Optional.empty(),
            Optional.empty(),
            0,
            Flag.bits(flags),
            fingerprint,
            clock.instant());
    long id = store(fresh, written, opened.nonce());
    senders.sent(sending.caller());
    written
        .text(FormField.EMAIL)
        .ifPresent(address -> letters.write(id, address, written.language()));
    if (isPublished) {
      reviews.move(Set.of(id), ReviewState.PUBLISHED, Optional.empty(), BY_RULE);
    }
    return new Became(id, isPublished);
  }

  private CatalogueProduct product(String slug) {
    return Slug.parse(slug)
        .flatMap(one -> Optional.ofNullable(catalogue.find(List.of(one)).get(one)))
        .orElseThrow(() -> Refusal.value("product", "is not in the catalogue"));
  }

  private long store(NewReview review, Written written, String nonce) {
    return database.write(
        _ -> {
          if (!reviews.known(List.of(review.fingerprint())).isEmpty()) {
            throw Refusal.unusable("This review is here already.");
          }
          long stored = reviews.add(review);
          reviews.detail(
              stored,
              new Review.Details(
                  lines(written, FormField.PROS),
                  lines(written, FormField.CONS),
                  written.criteria()),
              written.pictures());
          forms.became(nonce, stored);
          return stored;
        });
  }

  private Became became(long id) {
    return new Became(
        id, reviews.find(id).filter(line -> line.state() == ReviewState.PUBLISHED).isPresent());
  }

  private void check(Written written, CatalogueProduct product) {
    List<Long> asked = criteria.askedOf(product.categories()).stream().map(Criterion::id).toList();
    var faults = new ArrayList<Fault>();
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
                    new Fault(
                        problem.field(),
                        problem.fault().name().toLowerCase(Locale.ROOT).replace('_', '-'))));
    written
        .text(FormField.EMAIL)
        .filter(address -> !Mail.isAddress(address))
        .ifPresent(_ -> faults.add(new Fault("email", "no-address")));
    if (!asked.containsAll(written.criteria().keySet())
        || written.criteria().values().stream().anyMatch(stars -> stars < 1 || stars > 5)) {
      faults.add(new Fault("criteria", "gone"));
    }
    if (!forms.sent(written.pictures()).containsAll(written.pictures())) {
      faults.add(new Fault("pictures", "gone"));
    }
    Optional<String> variant = Given.text(written.variant());
    if (variant.isPresent() && !catalogue.variants(written.product()).contains(variant.get())) {
      faults.add(new Fault("variant", "is not sold"));
    }
    Refusal.ifAny(faults);
  }

  private Set<Flag> signs(Candidate review, FormTokens.Opened opened, Sending sending) {
    String words = review.words().orElse("");
    return SpamSigns.of(
        new SpamSigns.Sent(
            sending.isTrapFilled(),
            opened.taken(),
            review.title().orElse("") + " " + words,
            senders.inTheLastHour(sending.caller()),
            words.length() < LONG_ENOUGH ? 0 : forms.alike(words)));
  }

  private static List<String> lines(Written written, FormField field) {
    return written.text(field).stream()
        .flatMap(String::lines)
        .map(String::strip)
        .filter(line -> !line.isEmpty())
        .toList();
  }

  /** Two shoppers may well say the same few words; only many of them are the same review again. */
  private long fingerprint(long product, Candidate review) {
    return review.words().orElse("").length() < LONG_ENOUGH
        ? random.nextLong()
        : Fingerprints.of(product, review);
  }

  private Candidate candidate(Written written, Optional<String> variant) {
    Optional<String> words = written.text(FormField.WORDS);
    return new Candidate(
        0,
        Optional.of(written.product()),
        variant,
        Rating.ofStars(written.stars()),
        String.valueOf(written.stars()),
        written.text(FormField.TITLE),
        words,
        written.text(FormField.NAME),
        Optional.empty(),
        words.flatMap(guess::of),
        Optional.of(LocalDate.ofInstant(clock.instant(), shop.settings().zone())),
        Optional.empty(),
        Optional.empty(),
        List.of(),
        Optional.empty());
  }
}
