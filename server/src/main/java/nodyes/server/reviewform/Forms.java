package nodyes.server.reviewform;

import java.io.IOException;
import java.io.InputStream;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import nodyes.core.reviewform.FormRules;
import nodyes.server.pictures.Pictures;
import org.springframework.stereotype.Component;

/** What the form asks, and what was sent by it. */
@Component
public class Forms {
  private static final Duration FORMS_KEPT = Duration.ofDays(2);
  private static final Duration PICTURES_KEPT = Duration.ofDays(1);
  private static final int NEWEST = 500;
  private static final int MEGABYTE = 1_000_000;

  private final FormStore store;
  private final Pictures pictures;
  private final Clock clock;

  Forms(FormStore store, Pictures pictures, Clock clock) {
    this.store = store;
    this.pictures = pictures;
    this.clock = clock;
  }

  /** What is asked. */
  public FormRules rules() {
    return store.rules();
  }

  /** Changes what is asked. */
  public void save(FormRules rules) {
    store.save(rules);
  }

  /** The review that a form became, if it was sent already. */
  public Optional<Long> became(String nonce) {
    return store.sent(nonce);
  }

  /** Remembers which review a form became; within the same write as the review. */
  public void became(String nonce, long review) {
    store.sent(nonce, review, clock.instant());
  }

  /** Keeps a picture ahead of the form that names it; the name of its file. */
  public String keep(InputStream picture) throws IOException {
    String file = pictures.keepOfShopper(picture, store.rules().largestPicture() * MEGABYTE);
    store.sentPicture(file, clock.instant());
    return file;
  }

  /** Which of these are pictures that a form may name. */
  public Set<String> sent(Collection<String> files) {
    return store.sentPictures(files);
  }

  /** How many of the newest reviews that were written here say the same, spaces and case aside. */
  public int alike(String words) {
    String said = plain(words);
    return said.isEmpty()
        ? 0
        : Math.toIntExact(
            store.ownWords(NEWEST).stream().filter(other -> plain(other).equals(said)).count());
  }

  private static String plain(String words) {
    return words.replaceAll("\\s+", " ").strip().toLowerCase(Locale.ROOT);
  }

  /** Forgets what was sent and not used. */
  long tidy(Instant now) {
    List<String> unused = store.forget(now.minus(FORMS_KEPT), now.minus(PICTURES_KEPT));
    unused.forEach(file -> pictures.forget(Pictures.For.SHOPPERS, file));
    return unused.size();
  }
}
