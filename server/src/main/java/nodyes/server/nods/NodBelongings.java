package nodyes.server.nods;

import java.io.IOException;
import nodyes.server.leaving.Belongings;
import nodyes.server.leaving.Suitcase;
import org.springframework.stereotype.Component;

/** The nods with their spots, looks and timings: as drafted, and as shoppers see them. */
@Component
class NodBelongings implements Belongings {
  private final NodStore store;
  private final VersionStore versions;
  private final NodJson json;

  NodBelongings(NodStore store, VersionStore versions, NodJson json) {
    this.store = store;
    this.versions = versions;
    this.json = json;
  }

  @Override
  public void pack(Suitcase into) throws IOException {
    into.put("pages/draft.json", json.write(store.draft()));
    into.put("pages/published.json", json.write(published(versions.latest())));
  }

  private static Draft published(Arrangement latest) {
    return new Draft(latest.nods(), latest.spots(), latest.kit(), latest.delivery());
  }
}
