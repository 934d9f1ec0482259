package nodyes.server.web;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json31;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Marks the components of records as required in the OpenAPI document, unless they are nullable or
 * optional, so that the generated client types say the same as the Java ones.
 */
@Component
class OpenApiRequired implements ModelConverter {
  @Override
  public @Nullable Schema<?> resolve(
      AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
    Schema<?> schema = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
    var javaType = Json31.mapper().constructType(type.getType());
    Class<?> raw = javaType == null ? Object.class : javaType.getRawClass();
    if (schema != null && raw.isRecord()) {
      require(raw, defined(schema, context));
    }
    return schema;
  }

  private static Schema<?> defined(Schema<?> schema, ModelConverterContext context) {
    String ref = schema.get$ref();
    if (ref == null) {
      return schema;
    }
    Schema<?> model = context.getDefinedModels().get(ref.substring(ref.lastIndexOf('/') + 1));
    return model == null ? schema : model;
  }

  private static void require(Class<?> record, Schema<?> schema) {
    var properties = schema.getProperties();
    if (properties == null) {
      return;
    }
    List<String> required =
        components(record)
            .filter(component -> !mayBeMissing(component))
            .map(RecordComponent::getName)
            .filter(properties::containsKey)
            .toList();
    required.stream()
        .filter(name -> schema.getRequired() == null || !schema.getRequired().contains(name))
        .forEach(schema::addRequiredItem);
  }

  /** Those that stand in the object itself: of what is written flat, its parts. */
  private static Stream<RecordComponent> components(Class<?> record) {
    return Arrays.stream(record.getRecordComponents())
        .flatMap(
            component ->
                isFlat(component) ? components(component.getType()) : Stream.of(component));
  }

  /** Whether the parts of it stand in the object itself. */
  static boolean isFlat(RecordComponent component) {
    return component.getAccessor().isAnnotationPresent(JsonUnwrapped.class);
  }

  static boolean mayBeMissing(RecordComponent component) {
    return component.getType() == Optional.class
        || component.getAnnotatedType().isAnnotationPresent(Nullable.class);
  }
}
