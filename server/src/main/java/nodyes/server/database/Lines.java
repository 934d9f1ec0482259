package nodyes.server.database;

import java.util.List;
import org.jooq.impl.AbstractConverter;
import org.jspecify.annotations.Nullable;

/** Texts of one line each, kept one under the other; none is kept as nothing. */
public final class Lines extends AbstractConverter<String, List<String>> {
  private static final long serialVersionUID = 1;

  /** As jOOQ makes it. */
  @SuppressWarnings("unchecked") // a class has no type parameters
  public Lines() {
    super(String.class, (Class<List<String>>) (Class<?>) List.class);
  }

  @Override
  public List<String> from(@Nullable String stored) {
    return stored == null ? List.of() : stored.lines().filter(line -> !line.isBlank()).toList();
  }

  @Override
  public @Nullable String to(@Nullable List<String> lines) {
    return lines == null || lines.isEmpty() ? null : String.join("\n", lines);
  }
}
