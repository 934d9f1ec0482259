package nodyes.server.assets;

import java.time.Instant;
import nodyes.core.nod.AssetRef;

/**
 * A font or picture of the shop's own.
 *
 * @param file its name, made of the hash of its content
 * @param value what a look says to name it
 * @param name what the owner calls it
 */
public record Asset(
    String file, String value, String name, AssetRef.Kind kind, String addedBy, Instant addedAt) {
  static Asset of(String file, String name, AssetRef.Kind kind, String addedBy, Instant addedAt) {
    return new Asset(file, AssetRef.PREFIX + file, name, kind, addedBy, addedAt);
  }
}
