package nodyes.server.export;

import java.io.IOException;

/** What a feature keeps for the shop, in open formats. */
public interface ExportContributor {
  /** Puts all of it in. */
  void pack(ExportArchive into) throws IOException;
}
