package nodyes.server.feeds;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import nodyes.server.ServerSettings;
import org.springframework.stereotype.Component;
import tools.jackson.databind.ObjectMapper;

/** Files of feeds: those that come, and those that wait for the owner's look. */
@Component
class HeldFeeds {
  private final ObjectMapper json;
  private final Path folder;

  HeldFeeds(ObjectMapper json, ServerSettings settings) {
    this.json = json;
    this.folder = settings.data().resolve("feeds");
  }

  /** A file to put what comes into. */
  Path temporary() throws IOException {
    Files.createDirectories(folder);
    return Files.createTempFile(folder, "feed-", ".part");
  }

  /** Keeps a file that is not taken before the owner has looked, with how it is to be read. */
  String hold(Path file, FeedChoices choices) throws IOException {
    Path held = Files.createTempFile(folder, "held-", ".feed");
    json.writeValue(choicesOf(held), choices);
    Files.move(file, held, StandardCopyOption.REPLACE_EXISTING);
    return String.valueOf(held.getFileName());
  }

  /** A file that is held. */
  Path file(String name) {
    return folder.resolve(name);
  }

  private static Path choicesOf(Path held) {
    return held.resolveSibling(held.getFileName() + ".json");
  }

  /** As it was to be read when it was held; of one that says nothing of it, as it is found. */
  FeedChoices choices(Path held) {
    Path choices = choicesOf(held);
    return Files.exists(choices) ? json.readValue(choices, FeedChoices.class) : FeedChoices.FOUND;
  }

  /** Gives a file up. */
  void forget(Path held) throws IOException {
    Files.deleteIfExists(held);
    Files.deleteIfExists(choicesOf(held));
  }
}
