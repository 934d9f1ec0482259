package nodyes.server.people;

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
import nodyes.server.trail.Trail;
import nodyes.server.web.Refusal;
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
@RequestMapping("/api/v1/keys")
class KeysApi {
  private static final int MOST = 50;
  private static final int BYTES = 24;

  private final Keys keys;
  private final Clock clock;
  private final SecureRandom random = new SecureRandom();

  KeysApi(Keys keys, Clock clock) {
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
      @NotBlank(message = "is 1 to 60 characters")
          @Size(max = 60, message = "is 1 to 60 characters")
          String name,
      @Size(min = 1, message = "names one thing at least") Set<Scope> scopes,
      @Nullable
          @Min(value = 1, message = "is 1 day at least")
          @Max(value = 3660, message = "is ten years at most")
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
      throw Refusal.unusable("There are 50 keys already. Remove some that are used no more.");
    }
    byte[] bytes = new byte[BYTES];
    random.nextBytes(bytes);
    String key = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    keys.add(
        asked.name().strip(),
        asked.scopes(),
        key,
        Optional.ofNullable(asked.days()).map(days -> clock.instant().plus(Duration.ofDays(days))));
    Trail.say("made the key " + asked.name().strip(), "/setup");
    return new MadeKey(key);
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable long id) {
    if (!keys.remove(id)) {
      throw Refusal.notFound("There is no such key.");
    }
  }
}
