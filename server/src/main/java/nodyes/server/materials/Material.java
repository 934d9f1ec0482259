package nodyes.server.materials;

import java.time.Instant;
import nodyes.core.nod.OwnFile;

/**
 * A font or picture of the shop's own.
 *
 * @param file its name, made of the hash of its content
 * @param value what a look says to name it
 * @param name what the owner calls it
 */
public record Material(
    String file, String value, String name, OwnFile.Kind kind, String addedBy, Instant addedAt) {
  static Material of(String file, String name, OwnFile.Kind kind, String addedBy, Instant addedAt) {
    return new Material(file, OwnFile.PREFIX + file, name, kind, addedBy, addedAt);
  }
}
