package nodyes.server.storefront.wire;

import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.media.Discriminator;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.util.List;
import java.util.Map;
import org.springdoc.core.customizers.GlobalOpenApiCustomizer;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * Describes in the OpenAPI document what kinds there are: the records that go to shop pages, and
 * the names of all kinds, so that the front end's compiler asks for one that it lacks.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE) // before unions are written flat
class WireNodSchemas implements GlobalOpenApiCustomizer {
  private static final String REFERENCE = "#/components/schemas/";

  @Override
  @SuppressWarnings({"rawtypes", "unchecked"}) // as the library has it
  public void customise(OpenAPI document) {
    Map<String, Schema> schemas = document.getComponents().getSchemas();
    var union = new Schema<>();
    var discriminator = new Discriminator().propertyName(WireKinds.PROPERTY);
    for (Class<?> wire : WireKinds.records()) {
      ModelConverters.getInstance(true)
          .resolveAsResolvedSchema(new AnnotatedType(wire))
          .referencedSchemas
          .forEach(schemas::putIfAbsent);
      union.addOneOfItem(new Schema<>().$ref(REFERENCE + wire.getSimpleName()));
      discriminator.mapping(WireKinds.name(wire), REFERENCE + wire.getSimpleName());
    }
    union.setDiscriminator(discriminator);
    schemas.put(WireNod.class.getSimpleName(), union);
    schemas.put("KindName", new StringSchema()._enum(List.copyOf(WireKinds.kinds())));
  }
}
