package nodyes.server.shop;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Instant;
import java.util.Base64;
import java.util.List;
import nodyes.server.web.Refusal;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Keys for programs that send products and orders; each is shown once and kept as a hash. */
@RestController
@Tag(name = "keys")
@RequestMapping("/api/v1/keys")
class KeysApi {
  private static final int MOST = 50;
  private static final int LONGEST_NAME = 60;
  private static final int BYTES = 24;

  private final KeyStore store;
  private final Clock clock;
  private final SecureRandom random = new SecureRandom();

  KeysApi(KeyStore store, Clock clock) {
    this.store = store;
    this.clock = clock;
  }

  /** A key by what it is for; the key itself is not known any more. */
  record KeyLine(long id, String name, Instant madeAt) {}

  record Keys(List<KeyLine> items) {}

  record NewKey(String name) {}

  /** A new key, told this once. */
  record MadeKey(String key) {}

  @GetMapping
  Keys keys() {
    return new Keys(store.keys(MOST));
  }

  @PostMapping
  MadeKey make(@RequestBody NewKey asked) {
    String name = asked.name().strip();
    if (name.isEmpty() || name.length() > LONGEST_NAME) {
      throw Refusal.value("name", "is 1 to 60 characters");
    }
    if (store.keys(MOST).size() == MOST) {
      throw Refusal.unusable("There are 50 keys already. Remove some that are used no more.");
    }
    byte[] bytes = new byte[BYTES];
    random.nextBytes(bytes);
    String key = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    store.add(name, ApiKeyFilter.hash(key), clock.instant());
    return new MadeKey(key);
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable long id) {
    if (!store.remove(id)) {
      throw Refusal.notFound("There is no such key.");
    }
  }
}
