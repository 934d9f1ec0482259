package nodyes.server.backup;

import java.time.Instant;

/**
 * What stands in a backup about itself.
 *
 * @param format of the file; 1 is the first
 * @param madeAt when the database was copied
 * @param schema the version of the database's tables
 * @param counts what was in it
 * @param files how many files lie beside the database
 */
public record BackupManifest(
    int format, Instant madeAt, String schema, BackupCounts counts, long files) {
  static final int FORMAT = 1;
  static final String NAME = "backup.json";
}
