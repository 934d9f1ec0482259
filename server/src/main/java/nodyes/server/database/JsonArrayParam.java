package nodyes.server.database;

import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.select;
import static org.jooq.impl.DSL.table;
import static org.jooq.impl.DSL.val;

import java.util.Collection;
import java.util.stream.Collectors;
import org.jooq.Record1;
import org.jooq.Select;

/** Thousands of numbers in one bound value, so that a statement stays short. */
public final class JsonArrayParam {
  private JsonArrayParam() {}

  /** To be used with {@code in}. */
  public static Select<Record1<Long>> of(Collection<Long> numbers) {
    String list = numbers.stream().map(String::valueOf).collect(Collectors.joining(",", "[", "]"));
    return select(field("value", Long.class)).from(table("json_each({0})", val(list)));
  }
}
