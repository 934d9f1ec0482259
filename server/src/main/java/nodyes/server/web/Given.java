package nodyes.server.web;

import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What someone typed into a field. */
public final class Given {
  private Given() {}

  /** The text without the spaces around it; nothing where nothing was typed. */
  public static Optional<String> text(@Nullable String typed) {
    return Optional.ofNullable(typed).map(String::strip).filter(text -> !text.isEmpty());
  }
}
