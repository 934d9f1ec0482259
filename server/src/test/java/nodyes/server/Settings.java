package nodyes.server;

import java.nio.file.Path;
import java.util.Optional;
import java.util.Set;

/** Settings for parts that are tested without the server. */
public final class Settings {
  private Settings() {}

  /** All as it comes, with its data in a folder. */
  public static ServerSettings in(Path data) {
    return new ServerSettings(
        data,
        false,
        Optional.empty(),
        Optional.empty(),
        Set.of(),
        240,
        Optional.empty(),
        Optional.empty());
  }
}
