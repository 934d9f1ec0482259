package nodyes.server.tabular;

import com.apicatalog.jsonld.JsonLd;
import com.apicatalog.jsonld.JsonLdError;
import com.apicatalog.jsonld.JsonLdErrorCode;
import com.apicatalog.jsonld.JsonLdOptions;
import com.apicatalog.jsonld.document.Document;
import com.apicatalog.jsonld.document.JsonDocument;
import com.apicatalog.jsonld.loader.DocumentLoaderOptions;
import java.io.StringReader;
import java.net.URI;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;

/**
 * Data that names things its own way: aliases, prefixes and reversed properties of a JSON-LD
 * context are resolved to the names of the vocabulary (JSON-LD 1.1, expansion). Nothing is fetched:
 * schema.org's context is answered from here, others are refused.
 */
final class JsonLdExpansion {
  private static final JsonMapper JSON = JsonMapper.shared();
  private static final Set<String> SCHEMA_ORG = Set.of("schema.org", "www.schema.org");
  private static final String VOCABULARY = "{\"@context\":{\"@vocab\":\"http://schema.org/\"}}";
  private static final Duration LONGEST = Duration.ofSeconds(5);

  private JsonLdExpansion() {}

  /** Whether a context in the data gives names of its own: only those need to be resolved. */
  static boolean hasOwnNames(@Nullable Object tree) {
    return switch (tree) {
      case List<?> list -> list.stream().anyMatch(JsonLdExpansion::hasOwnNames);
      case Map<?, ?> map ->
          map.get("@context") instanceof Map<?, ?>
              || (map.get("@context") instanceof List<?> contexts
                  && contexts.stream().anyMatch(Map.class::isInstance));
      case null, default -> false;
    };
  }

  /**
   * The data with every name resolved; nothing where it cannot be.
   *
   * @param json of bounded length and depth
   */
  static Object expanded(String json) {
    try {
      var options = new JsonLdOptions();
      options.setDocumentLoader(JsonLdExpansion::context);
      options.setTimeout(LONGEST);
      return JSON.readValue(
          JsonLd.expand(JsonDocument.of(new StringReader(json))).options(options).get().toString(),
          Object.class);
    } catch (JsonLdError | RuntimeException e) {
      return List.of(); // what a page gets wrong is the page's
    }
  }

  private static Document context(URI address, DocumentLoaderOptions options) throws JsonLdError {
    if (address.getHost() == null || !SCHEMA_ORG.contains(address.getHost())) {
      throw new JsonLdError(JsonLdErrorCode.LOADING_REMOTE_CONTEXT_FAILED);
    }
    return JsonDocument.of(new StringReader(VOCABULARY));
  }
}
