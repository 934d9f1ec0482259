package nodyes.server.people;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nodyes.core.common.Said;
import nodyes.server.trail.Trail;
import nodyes.server.web.ApiProblem;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Keys for programs; each is shown once, is for some things alone, and may have an end. */
@RestController
@Tag(name = "keys")
@RequestMapping("/api/v1/api-keys")
class ApiKeysApi {
  private static final int MOST = 50;
  private static final int BYTES = 24;

  private final ApiKeys keys;
  private final Clock clock;
  private final SecureRandom random = new SecureRandom();

  ApiKeysApi(ApiKeys keys, Clock clock) {
    this.keys = keys;
    this.clock = clock;
  }

  /** A key by what it is for; the key itself is not known any more. */
  record KeyLine(
      long id,
      String name,
      List<Scope> scopes,
      Instant madeAt,
      @Nullable Instant endsAt,
      @Nullable Instant usedAt,
      boolean isOver) {}

  record KeyLines(List<KeyLine> items) {}

  /**
   * A key to make.
   *
   * @param scopes what it is for
   * @param days until its end; nothing where it has none
   */
  record NewKey(
      @NotBlank(message = "{problems.name60}") @Size(max = 60, message = "{problems.name60}")
          String name,
      @Size(min = 1, message = "{keys.chooseScope}") Set<Scope> scopes,
      @Nullable
          @Min(value = 1, message = "{problems.atLeastADay}")
          @Max(value = 3660, message = "{keys.tenYears}")
          Integer days) {}

  /** A new key, told this once. */
  record MadeKey(String key) {}

  @GetMapping
  KeyLines keys() {
    Instant now = clock.instant();
    return new KeyLines(
        keys.all(MOST).stream()
            .map(
                kept ->
                    new KeyLine(
                        kept.id(),
                        kept.name(),
                        List.copyOf(kept.scopes()),
                        kept.madeAt(),
                        kept.endsAt(),
                        kept.usedAt(),
                        kept.endsAt() != null && !now.isBefore(kept.endsAt())))
            .toList());
  }

  @PostMapping
  MadeKey make(@Valid @RequestBody NewKey asked) {
    if (keys.all(MOST).size() == MOST) {
      throw ApiProblem.unusable(text("keys.tooMany"));
    }
    byte[] bytes = new byte[BYTES];
    random.nextBytes(bytes);
    String key = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    keys.add(
        asked.name().strip(),
        asked.scopes(),
        key,
        Optional.ofNullable(asked.days()).map(days -> clock.instant().plus(Duration.ofDays(days))));
    Trail.say(Said.of("trail.madeKey", "key", asked.name().strip()), "/setup");
    return new MadeKey(key);
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable long id) {
    if (!keys.remove(id)) {
      throw ApiProblem.notFound(text("keys.noSuch"));
    }
  }
}
