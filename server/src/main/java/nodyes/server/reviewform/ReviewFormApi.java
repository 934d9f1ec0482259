package nodyes.server.reviewform;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import nodyes.core.common.Slug;
import nodyes.core.reviewform.FormField;
import nodyes.core.reviewform.FormRules;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.catalogue.CatalogueProduct;
import nodyes.server.nods.DefaultTexts;
import nodyes.server.reviews.Criteria;
import nodyes.server.shop.ShopOrigin;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.Network;
import nodyes.server.web.RateLimit;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.CrossOrigin;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The form as a shopper opens it, and the pictures that go ahead of it. */
@RestController
@Tag(name = "embed")
class ReviewFormApi {
  private final Forms forms;
  private final FormTokens tokens;
  private final Criteria criteria;
  private final Catalogue catalogue;
  private final DefaultTexts words;
  private final ShopOrigin origin;
  private final RateLimit opened = new RateLimit(120, Duration.ofMinutes(10));
  private final RateLimit sent = new RateLimit(30, Duration.ofMinutes(10));

  ReviewFormApi(
      Forms forms,
      FormTokens tokens,
      Criteria criteria,
      Catalogue catalogue,
      DefaultTexts words,
      ShopOrigin origin) {
    this.origin = origin;
    this.forms = forms;
    this.tokens = tokens;
    this.criteria = criteria;
    this.catalogue = catalogue;
    this.words = words;
  }

  /** A field of the form that is there: its name, and whether it can be left empty. */
  record FieldShown(String name, boolean required, int longest) {}

  /** A single thing to rate. */
  record CriterionShown(long id, String name) {}

  /**
   * A form.
   *
   * @param token to send back with it; it holds for a day
   * @param title what the shop calls the product
   * @param words in the reader's language
   */
  record OpenForm(
      String token,
      String title,
      String language,
      List<FieldShown> fields,
      List<CriterionShown> criteria,
      int mostPictures,
      int largestPicture,
      Map<String, Object> words) {}

  /** A kept picture: to be named in the form. */
  record SentPicture(String file) {}

  @GetMapping("/embed/v1/form")
  @CrossOrigin(origins = "*", maxAge = 3600)
  @Operation(summary = "What a review of a product is asked, with a token to send it by")
  ResponseEntity<OpenForm> open(
      @RequestParam String product,
      @RequestParam(defaultValue = "en") String lang,
      HttpServletRequest request) {
    opened.count(Network.of(request));
    CatalogueProduct found =
        Slug.parse(product)
            .map(slug -> catalogue.find(List.of(slug)).get(slug))
            .orElseThrow(() -> ApiProblem.notFound(text("problems.noSuchProduct")));
    Locale reader = Locale.forLanguageTag(lang);
    String language = words.language(reader);
    FormRules rules = forms.rules();
    List<CriterionShown> asked =
        rules.asked(FormField.CRITERIA) == FormField.Asked.OFF
            ? List.of()
            : criteria.askedOf(found.categories()).stream()
                .map(one -> new CriterionShown(one.id(), one.name(language)))
                .toList();
    return ResponseEntity.ok()
        .cacheControl(CacheControl.noStore())
        .body(
            new OpenForm(
                tokens.issue(found.slug()),
                found.title(),
                language,
                rules.shown().stream().map(field -> shown(field, rules)).toList(),
                asked,
                rules.mostPictures(),
                rules.largestPicture(),
                words.of(reader, List.of("review-form")).getOrDefault("review-form", Map.of())));
  }

  private static FieldShown shown(FormField field, FormRules rules) {
    return new FieldShown(
        field.wireName(), rules.asked(field) == FormField.Asked.REQUIRED, field.longest());
  }

  @PostMapping("/embed/v1/reviews/pictures")
  @CrossOrigin(origins = "*", maxAge = 3600)
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(
      summary = "A picture (JPEG, PNG, GIF or WebP) for a review that is still being written",
      requestBody =
          @RequestBody(
              content =
                  @Content(
                      mediaType = MediaType.APPLICATION_OCTET_STREAM_VALUE,
                      schema = @Schema(type = "string", format = "binary"))))
  SentPicture picture(
      @RequestHeader(name = "Nodyes-Form", defaultValue = "") String token,
      HttpServletRequest request)
      throws IOException {
    sent.count(Network.of(request));
    origin.check(request);
    tokens.read(token);
    return new SentPicture(forms.keep(request.getInputStream()));
  }
}
