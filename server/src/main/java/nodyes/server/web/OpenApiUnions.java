package nodyes.server.web;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springdoc.core.customizers.GlobalOpenApiCustomizer;
import org.springframework.stereotype.Component;

/**
 * Writes sealed types as plain unions in the OpenAPI document: each member carries its own constant
 * discriminator instead of referring back to the union, which generators of types cannot follow.
 */
@Component
class OpenApiUnions implements GlobalOpenApiCustomizer {
  @Override
  @SuppressWarnings({"rawtypes", "unchecked"}) // as the library has it
  public void customise(OpenAPI document) {
    Map<String, Schema> schemas = document.getComponents().getSchemas();
    for (Schema union : List.copyOf(schemas.values())) {
      if (union.getDiscriminator() != null && union.getOneOf() != null) {
        String property = union.getDiscriminator().getPropertyName();
        union.setProperties(null);
        union.setRequired(null);
        union
            .getDiscriminator()
            .getMapping()
            .forEach(
                (name, reference) ->
                    flatten(
                        Objects.requireNonNull(
                            schemas.get(reference.substring(reference.lastIndexOf('/') + 1))),
                        property,
                        name));
      }
    }
  }

  private static void flatten(Schema<?> member, String property, String name) {
    var required = new ArrayList<String>();
    if (member.getRequired() != null) {
      required.addAll(member.getRequired());
    }
    if (member.getAllOf() != null) {
      for (Schema<?> part : member.getAllOf()) {
        if (part.getProperties() != null) {
          part.getProperties().forEach(member::addProperty);
        }
      }
      member.setAllOf(null);
    }
    var constant = new StringSchema();
    constant.setEnum(List.of(name));
    member.addProperty(property, constant);
    member.addType("object");
    required.add(property);
    member.setRequired(required);
  }
}
