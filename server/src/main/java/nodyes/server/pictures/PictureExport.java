package nodyes.server.pictures;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import nodyes.server.ServerSettings;
import nodyes.server.export.ExportArchive;
import nodyes.server.export.ExportContributor;
import org.springframework.stereotype.Component;

/** Pictures of reviews and of their originals, at full size. */
@Component
class PictureExport implements ExportContributor {
  private static final List<String> FOLDERS = List.of("pictures", "evidence");

  private final Path data;

  PictureExport(ServerSettings settings) {
    this.data = settings.data();
  }

  @Override
  public void pack(ExportArchive into) throws IOException {
    for (String folder : FOLDERS) {
      into.putAll(folder, data.resolve(folder), PictureExport::isWhole);
    }
  }

  /** Other sizes are made of it again. */
  private static boolean isWhole(Path file) {
    return String.valueOf(file.getFileName()).matches("[0-9a-f]{40}\\.jpg");
  }
}
