package nodyes.server.leaving;

import java.io.IOException;

/** What a feature keeps for the shop, in open formats. */
public interface Belongings {
  /** Puts all of it in. */
  void pack(Suitcase into) throws IOException;
}
