package nodyes.server.publishedreviews;

import static nodyes.generated.Tables.PRODUCT;
import static nodyes.generated.Tables.REVIEW_GROUP_MEMBER;
import static org.jooq.impl.DSL.coalesce;
import static org.jooq.impl.DSL.count;
import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.max;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nodyes.server.database.Database;
import org.springframework.stereotype.Component;

@Component
class SharedReviewsStore {
  private final Database database;

  SharedReviewsStore(Database database) {
    this.database = database;
  }

  /** The groups, under each of their members. */
  Map<Long, List<SharedReviews.Member>> all() {
    return database.read(
        sql -> {
          var groups = new HashMap<Long, List<SharedReviews.Member>>();
          sql.select(REVIEW_GROUP_MEMBER.GROUP_ID, PRODUCT.ID, PRODUCT.SLUG, PRODUCT.TITLE)
              .from(REVIEW_GROUP_MEMBER)
              .join(PRODUCT)
              .on(PRODUCT.ID.eq(REVIEW_GROUP_MEMBER.PRODUCT_ID))
              .orderBy(PRODUCT.POSITION, PRODUCT.ID)
              .forEach(
                  row ->
                      groups
                          .computeIfAbsent(row.value1(), _ -> new ArrayList<>())
                          .add(new SharedReviews.Member(row.value2(), row.value3(), row.value4())));
          var byMember = new HashMap<Long, List<SharedReviews.Member>>();
          groups
              .values()
              .forEach(
                  group -> group.forEach(member -> byMember.put(member.id(), List.copyOf(group))));
          return Map.copyOf(byMember);
        });
  }

  /** Makes these one group, out of whatever groups they were in; none parts the product alone. */
  void group(long product, Set<Long> members) {
    database.change(
        sql -> {
          sql.deleteFrom(REVIEW_GROUP_MEMBER)
              .where(
                  REVIEW_GROUP_MEMBER
                      .PRODUCT_ID
                      .eq(product)
                      .or(REVIEW_GROUP_MEMBER.PRODUCT_ID.in(members)))
              .execute();
          long fresh =
              sql.select(coalesce(max(REVIEW_GROUP_MEMBER.GROUP_ID), inline(0L)))
                      .from(REVIEW_GROUP_MEMBER)
                      .fetchSingle()
                      .value1()
                  + 1;
          for (Long member : members) {
            sql.insertInto(
                    REVIEW_GROUP_MEMBER,
                    REVIEW_GROUP_MEMBER.PRODUCT_ID,
                    REVIEW_GROUP_MEMBER.GROUP_ID)
                .values(member, fresh)
                .execute();
          }
          // a group of one is none
          sql.deleteFrom(REVIEW_GROUP_MEMBER)
              .where(
                  REVIEW_GROUP_MEMBER.GROUP_ID.in(
                      sql.select(REVIEW_GROUP_MEMBER.GROUP_ID)
                          .from(REVIEW_GROUP_MEMBER)
                          .groupBy(REVIEW_GROUP_MEMBER.GROUP_ID)
                          .having(count().eq(1))))
              .execute();
        });
  }
}
