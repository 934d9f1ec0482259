package nodyes.server.web;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json31;
import io.swagger.v3.oas.models.media.Schema;
import java.util.Iterator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Names in the OpenAPI document what a type that is told apart by a property can be. */
@Component
class OpenApiSubtypes implements ModelConverter {
  private static final String REFERENCE = "#/components/schemas/";

  @Override
  public @Nullable Schema<?> resolve(
      AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
    Schema<?> schema = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
    var javaType = Json31.mapper().constructType(type.getType());
    JsonSubTypes named =
        javaType == null ? null : javaType.getRawClass().getAnnotation(JsonSubTypes.class);
    if (schema != null && named != null) {
      Schema<?> union = context.getDefinedModels().get(javaType.getRawClass().getSimpleName());
      if (union != null && union.getDiscriminator() != null && union.getOneOf() == null) {
        List.of(named.value()).forEach(one -> add(union, one));
      }
    }
    return schema;
  }

  private static void add(Schema<?> union, JsonSubTypes.Type one) {
    String reference = REFERENCE + one.value().getSimpleName();
    union.addOneOfItem(new Schema<>().$ref(reference));
    union.getDiscriminator().mapping(one.name(), reference);
  }
}
