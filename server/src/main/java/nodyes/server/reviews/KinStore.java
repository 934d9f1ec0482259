package nodyes.server.reviews;

import static nodyes.generated.Tables.PRODUCT;
import static nodyes.generated.Tables.PRODUCT_KIN;
import static org.jooq.impl.DSL.coalesce;
import static org.jooq.impl.DSL.count;
import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.max;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nodyes.server.database.Database;
import org.springframework.stereotype.Component;

@Component
class KinStore {
  private final Database database;

  KinStore(Database database) {
    this.database = database;
  }

  /** The groups, under each of their members. */
  Map<Long, List<Kin.Member>> all() {
    return database.read(
        sql -> {
          var groups = new HashMap<Long, List<Kin.Member>>();
          sql.select(PRODUCT_KIN.KIN, PRODUCT.ID, PRODUCT.SLUG, PRODUCT.TITLE)
              .from(PRODUCT_KIN)
              .join(PRODUCT)
              .on(PRODUCT.ID.eq(PRODUCT_KIN.PRODUCT_ID))
              .orderBy(PRODUCT.POSITION, PRODUCT.ID)
              .forEach(
                  row ->
                      groups
                          .computeIfAbsent(row.value1(), _ -> new ArrayList<>())
                          .add(new Kin.Member(row.value2(), row.value3(), row.value4())));
          var byMember = new HashMap<Long, List<Kin.Member>>();
          groups
              .values()
              .forEach(
                  group -> group.forEach(member -> byMember.put(member.id(), List.copyOf(group))));
          return Map.copyOf(byMember);
        });
  }

  Set<String> slugs(Collection<Long> products) {
    return database.read(
        sql ->
            sql.select(PRODUCT.SLUG)
                .from(PRODUCT)
                .where(PRODUCT.ID.in(products))
                .fetchSet(PRODUCT.SLUG));
  }

  /** Makes these one group, out of whatever groups they were in; none parts the product alone. */
  void group(long product, Set<Long> members) {
    database.change(
        sql -> {
          sql.deleteFrom(PRODUCT_KIN)
              .where(PRODUCT_KIN.PRODUCT_ID.eq(product).or(PRODUCT_KIN.PRODUCT_ID.in(members)))
              .execute();
          long fresh =
              sql.select(coalesce(max(PRODUCT_KIN.KIN), inline(0L)))
                      .from(PRODUCT_KIN)
                      .fetchSingle()
                      .value1()
                  + 1;
          for (Long member : members) {
            sql.insertInto(PRODUCT_KIN, PRODUCT_KIN.PRODUCT_ID, PRODUCT_KIN.KIN)
                .values(member, fresh)
                .execute();
          }
          // a group of one is none
          sql.deleteFrom(PRODUCT_KIN)
              .where(
                  PRODUCT_KIN.KIN.in(
                      sql.select(PRODUCT_KIN.KIN)
                          .from(PRODUCT_KIN)
                          .groupBy(PRODUCT_KIN.KIN)
                          .having(count().eq(1))))
              .execute();
        });
  }
}
