package nodyes.server.nods;

import java.io.IOException;
import nodyes.server.export.ExportArchive;
import nodyes.server.export.ExportContributor;
import org.springframework.stereotype.Component;

/** The nods with their spots, looks and delivery rules: as drafted, and as shoppers see them. */
@Component
class NodExport implements ExportContributor {
  private final NodStore store;
  private final VersionStore versions;
  private final NodJson json;

  NodExport(NodStore store, VersionStore versions, NodJson json) {
    this.store = store;
    this.versions = versions;
    this.json = json;
  }

  @Override
  public void pack(ExportArchive into) throws IOException {
    into.put("pages/draft.json", json.write(store.draft()));
    into.put("pages/published.json", json.write(published(versions.latest())));
  }

  private static Draft published(NodLayout latest) {
    return Draft.of(latest);
  }
}
