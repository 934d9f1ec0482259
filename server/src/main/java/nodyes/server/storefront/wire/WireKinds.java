package nodyes.server.storefront.wire;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import nodyes.core.nod.NodKind;
import tools.jackson.databind.DatabindContext;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.jsontype.impl.TypeIdResolverBase;

/**
 * What the kinds of nods are called on the wire: after the record that each goes out as. All kinds
 * of labels are one record.
 */
final class WireKinds extends TypeIdResolverBase {
  static final String PROPERTY = "kind";
  private static final String ENDING = "Nod";

  /** The records, as the interface permits them. */
  static List<Class<?>> records() {
    return Arrays.asList(WireNod.class.getPermittedSubclasses());
  }

  /** The name of a record: StarLineNod is star-line. */
  static String name(Class<?> wire) {
    String name = wire.getSimpleName();
    return name.substring(0, name.length() - ENDING.length())
        .replaceAll("(?<=[a-z])(?=[A-Z])", "-")
        .toLowerCase(Locale.ROOT);
  }

  /** The names of the kinds of nods as an owner knows them. */
  static List<String> kinds() {
    return Arrays.stream(NodKind.values()).map(NodKind::wireName).toList();
  }

  @Override
  public String idFromValue(DatabindContext context, Object value) {
    return name(value.getClass());
  }

  @Override
  public String idFromValueAndType(DatabindContext context, Object value, Class<?> type) {
    return name(value.getClass());
  }

  @Override
  public JavaType typeFromId(DatabindContext context, String id) {
    return records().stream()
        .filter(wire -> name(wire).equals(id))
        .findFirst()
        .map(context::constructType)
        .orElseThrow(() -> new IllegalArgumentException("no nod goes out as " + id));
  }

  @Override
  public JsonTypeInfo.Id getMechanism() {
    return JsonTypeInfo.Id.CUSTOM;
  }
}
