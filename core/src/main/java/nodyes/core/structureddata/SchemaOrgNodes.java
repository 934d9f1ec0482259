package nodyes.core.structureddata;

import java.util.LinkedHashMap;
import java.util.Map;

/** What trees of schema.org's types are made of. */
final class SchemaOrgNodes {
  private SchemaOrgNodes() {}

  static Map<String, Object> typed(String type) {
    var tree = new LinkedHashMap<String, Object>();
    tree.put("@type", type);
    return tree;
  }
}
