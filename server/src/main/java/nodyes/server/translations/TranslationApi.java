package nodyes.server.translations;

import io.swagger.v3.oas.annotations.tags.Tag;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A review in the owner's language. */
@RestController
@Tag(name = "reviews")
class TranslationApi {
  private final Translations translations;

  TranslationApi(Translations translations) {
    this.translations = translations;
  }

  record Wanted(String to) {}

  @PostMapping("/api/v1/reviews/{id}/translation")
  Translations.Translation translation(@PathVariable long id, @RequestBody Wanted language) {
    return translations.of(id, language.to());
  }
}
