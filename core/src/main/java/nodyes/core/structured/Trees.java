package nodyes.core.structured;

import java.util.LinkedHashMap;
import java.util.Map;

/** What trees of schema.org's types are made of. */
final class Trees {
  private Trees() {}

  static Map<String, Object> typed(String type) {
    var tree = new LinkedHashMap<String, Object>();
    tree.put("@type", type);
    return tree;
  }
}
