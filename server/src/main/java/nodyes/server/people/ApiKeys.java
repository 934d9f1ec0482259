package nodyes.server.people;

import java.security.MessageDigest;
import java.time.Clock;
import java.time.Instant;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import nodyes.server.ServerSettings;
import nodyes.server.web.Sha256;
import org.springframework.security.core.Authentication;
import org.springframework.stereotype.Component;

/** Keys of programs: random, kept as hashes, each for what it was made for and until its end. */
@Component
public class ApiKeys {
  private static final int HASH_BYTES = 32;

  private final ApiKeyStore store;
  private final Clock clock;
  private final Optional<String> startKeyHash;
  private final Map<Long, Instant> used = new ConcurrentHashMap<>();

  ApiKeys(ApiKeyStore store, Clock clock, ServerSettings settings) {
    this.store = store;
    this.clock = clock;
    this.startKeyHash = settings.apiKey().map(ApiKeys::hash);
  }

  /** The program that a key belongs to, while it holds. */
  public Optional<Authentication> caller(String key) {
    String hash = hash(key);
    if (startKeyHash
        .filter(known -> MessageDigest.isEqual(bytes(known), bytes(hash)))
        .isPresent()) {
      return Optional.of(CallerAuthentication.program("a program", EnumSet.of(Scope.ALL)));
    }
    Instant now = clock.instant();
    return store
        .find(hash)
        .filter(kept -> kept.endsAt() == null || now.isBefore(kept.endsAt()))
        .map(
            kept -> {
              used.put(kept.id(), now);
              return CallerAuthentication.program("a program (" + kept.name() + ")", kept.scopes());
            });
  }

  private static byte[] bytes(String text) {
    return text.getBytes(java.nio.charset.StandardCharsets.UTF_8);
  }

  void add(String name, Set<Scope> scopes, String key, Optional<Instant> end) {
    store.add(name, scopes, hash(key), clock.instant(), end.orElse(null));
  }

  /** The newest first; when each was used is exact to a request. */
  List<ApiKeyStore.StoredKey> all(int most) {
    keepUsed();
    return store.keys(most);
  }

  boolean remove(long id) {
    return store.remove(id);
  }

  private static String hash(String key) {
    return Sha256.hex(Sha256.of(key), HASH_BYTES);
  }

  synchronized long keepUsed() {
    Map<Long, Instant> some = new HashMap<>(used);
    if (!some.isEmpty()) {
      store.used(some);
      some.forEach(used::remove);
    }
    return some.size();
  }
}
