package nodyes.server.access;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Makes what a schema of the OpenAPI document asks for, and then spoils it. */
final class Mess {
  private static final JsonMapper JSON = JsonMapper.shared();
  private static final int DEEP = 400;

  private static final List<String> TEXTS =
      List.of(
          "",
          " ",
          "null",
          "0",
          "-1",
          "1e999999999",
          "99999999999999999999999",
          "NaN",
          "true",
          "../../nodyes.sqlite",
          "%00",
          "\u0000",
          "\u202e",
          "\ud800",
          "🌱".repeat(50),
          "x".repeat(5000),
          "'; DROP TABLE review; --",
          "<script>alert(1)</script>",
          "${jndi:x}",
          "{{7*7}}",
          "en-x-" + "y".repeat(200),
          "2026-02-30",
          "a.b.c.d",
          "....",
          "0".repeat(32),
          "pot");

  private final JsonNode document;
  private final Random random;

  Mess(JsonNode document, Random random) {
    this.document = document;
    this.random = random;
  }

  String text() {
    return TEXTS.get(random.nextInt(TEXTS.size()));
  }

  /** A body for a schema: good but for one or two things, or nothing of the kind. */
  String body(JsonNode schema) {
    return switch (random.nextInt(8)) {
      case 0 ->
          List.of("", "null", "[]", "{}", "{", "\"", "[[[[", "\u0000", "1e5", "tru")
              .get(random.nextInt(10));
      case 1 -> "[".repeat(DEEP) + "]".repeat(DEEP);
      case 2 -> "{\"a\":".repeat(DEEP) + "1" + "}".repeat(DEEP);
      default -> JSON.writeValueAsString(value(schema, 0));
    };
  }

  private Object value(JsonNode schema, int depth) {
    if (random.nextInt(7) == 0) {
      return anything(depth);
    }
    JsonNode whole = resolved(schema);
    String type =
        whole.path("type").isArray()
            ? whole.path("type").path(0).asString()
            : whole.path("type").asString("");
    if (whole.path("enum").size() > 0) {
      return whole.path("enum").path(random.nextInt(whole.path("enum").size())).asString();
    }
    return switch (type) {
      case "object" -> object(whole, depth);
      case "array" -> {
        var list = new ArrayList<Object>();
        for (int i = random.nextInt(4); i > 0; i--) {
          list.add(value(whole.path("items"), depth + 1));
        }
        yield list;
      }
      case "integer" -> random.nextInt(3) == 0 ? Long.MAX_VALUE : random.nextInt(9) - 2;
      case "number" -> random.nextDouble();
      case "boolean" -> random.nextBoolean();
      default -> text();
    };
  }

  private Map<String, Object> object(JsonNode schema, int depth) {
    var object = new LinkedHashMap<String, Object>();
    schema
        .path("properties")
        .properties()
        .forEach(
            property -> {
              if (random.nextInt(6) > 0 && depth < 6) {
                object.put(property.getKey(), value(property.getValue(), depth + 1));
              }
            });
    if (random.nextInt(5) == 0) {
      object.put("@type", anything(depth));
      object.put("unknown", anything(depth));
    }
    return object;
  }

  private Object anything(int depth) {
    return switch (random.nextInt(8)) {
      case 0 -> Map.of();
      case 1 -> List.of();
      case 2 -> depth < 4 ? List.of(anything(depth + 1)) : 1;
      case 3 -> depth < 4 ? Map.of("a", anything(depth + 1)) : 1;
      case 4 -> new java.math.BigDecimal("1e999999999");
      case 5 -> random.nextBoolean();
      case 6 -> text();
      default -> JSON.getNodeFactory().nullNode();
    };
  }

  private JsonNode resolved(JsonNode schema) {
    String ref = schema.path("$ref").asString("");
    return ref.isEmpty() ? schema : document.at(ref.substring(1));
  }
}
