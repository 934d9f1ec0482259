package nodyes.server.assets;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import nodyes.core.nod.AssetRef;
import nodyes.server.ServerSettings;
import nodyes.server.export.ExportArchive;
import nodyes.server.export.ExportContributor;
import org.springframework.stereotype.Component;

/** The shop's own drawings, pictures and fonts, by the names that looks give them. */
@Component
class AssetExport implements ExportContributor {
  private static final List<String> FOLDERS = List.of("drawings", "drawn", "fonts");

  private final Path data;

  AssetExport(ServerSettings settings) {
    this.data = settings.data();
  }

  @Override
  public void pack(ExportArchive into) throws IOException {
    for (String folder : FOLDERS) {
      into.putAll("assets", data.resolve(folder), AssetExport::isAsset);
    }
  }

  private static boolean isAsset(Path file) {
    return AssetRef.parse(AssetRef.PREFIX + file.getFileName()).isPresent();
  }
}
