package nodyes.server.pictures;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Optional;
import java.util.regex.Pattern;
import nodyes.server.ServerSettings;
import nodyes.server.web.Sha256;
import org.springframework.stereotype.Component;

/** Files of the data folder that are named by the hash of their content: each is kept once. */
@Component
public class ContentAddressedFiles {
  private static final Pattern NAME = Pattern.compile("[0-9a-f]{40}\\.[a-z0-9.]{3,9}");
  private static final int BYTES_OF_NAME = 20;

  private final Path data;

  ContentAddressedFiles(ServerSettings settings) {
    this.data = settings.data();
  }

  /** Keeps the content whole or not at all; the name of its file. */
  public String keep(String folder, byte[] content, String ending) throws IOException {
    String name = Sha256.hex(Sha256.of(content), BYTES_OF_NAME) + "." + ending;
    keepAs(folder, name, content);
    return name;
  }

  /** Keeps what was made of a kept file under its name, whole or not at all; its place. */
  Path keepAs(String folder, String name, byte[] content) throws IOException {
    Path in = data.resolve(folder);
    Files.createDirectories(in);
    Path target = in.resolve(name);
    if (!Files.exists(target)) {
      Path part = Files.createTempFile(in, "made-", ".part");
      Files.write(part, content);
      Files.move(part, target, StandardCopyOption.ATOMIC_MOVE);
    }
    return target;
  }

  /** Removes a kept file, if it is there. */
  void forget(String folder, String name) {
    find(folder, name)
        .ifPresent(
            file -> {
              try {
                Files.deleteIfExists(file);
              } catch (IOException e) {
                throw new UncheckedIOException("A kept file cannot be removed: " + name, e);
              }
            });
  }

  /** A kept file. */
  public Optional<Path> find(String folder, String name) {
    return Optional.of(name)
        .filter(given -> NAME.matcher(given).matches())
        .map(given -> data.resolve(folder).resolve(given))
        .filter(Files::exists);
  }
}
