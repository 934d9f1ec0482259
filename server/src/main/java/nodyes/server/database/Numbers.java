package nodyes.server.database;

import java.util.List;
import org.jooq.impl.AbstractConverter;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** A list of whole numbers, kept as a JSON array. */
public final class Numbers extends AbstractConverter<String, List<Long>> {
  private static final long serialVersionUID = 1;
  private static final TypeReference<List<Long>> LIST = new TypeReference<>() {};

  /** As jOOQ makes it. */
  @SuppressWarnings("unchecked") // a class has no type parameters
  public Numbers() {
    super(String.class, (Class<List<Long>>) (Class<?>) List.class);
  }

  @Override
  public @Nullable List<Long> from(@Nullable String stored) {
    return stored == null ? null : JsonMapper.shared().readValue(stored, LIST);
  }

  @Override
  public @Nullable String to(@Nullable List<Long> numbers) {
    return numbers == null ? null : JsonMapper.shared().writeValueAsString(numbers);
  }
}
