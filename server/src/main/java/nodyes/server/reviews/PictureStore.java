package nodyes.server.reviews;

import static nodyes.generated.Tables.REVIEW;
import static nodyes.generated.Tables.REVIEW_PICTURE;

import java.util.List;
import java.util.Optional;
import nodyes.core.review.ReviewStatus;
import nodyes.server.database.Database;
import nodyes.server.pictures.ShownPictures;
import org.springframework.stereotype.Component;

/** The pictures of reviews. An empty file name stands for one that cannot be had. */
@Component
class PictureStore implements ShownPictures {
  /** In place of the file of a picture that could not be had. */
  private final Database database;

  PictureStore(Database database) {
    this.database = database;
  }

  @Override
  public boolean isShown(String file) {
    return database.read(
        sql ->
            sql.fetchExists(
                sql.selectOne()
                    .from(REVIEW_PICTURE)
                    .join(REVIEW)
                    .on(REVIEW.ID.eq(REVIEW_PICTURE.REVIEW_ID))
                    .where(REVIEW_PICTURE.FILE.eq(file))
                    .and(REVIEW.STATUS.eq(ReviewStatus.PUBLISHED))));
  }

  List<Reviews.Picture> toHave(int most) {
    return database.read(
        sql ->
            sql.select(REVIEW_PICTURE.REVIEW_ID, REVIEW_PICTURE.POSITION, REVIEW_PICTURE.ADDRESS)
                .from(REVIEW_PICTURE)
                .where(REVIEW_PICTURE.FILE.isNull())
                .orderBy(REVIEW_PICTURE.REVIEW_ID, REVIEW_PICTURE.POSITION)
                .limit(most)
                .fetch(row -> new Reviews.Picture(row.value1(), row.value2(), row.value3())));
  }

  void have(Reviews.Picture picture, Optional<String> file) {
    database.change(
        sql -> {
          sql.update(REVIEW_PICTURE)
              .set(REVIEW_PICTURE.FILE, file.orElse(ReviewPictures.MISSING))
              .where(
                  REVIEW_PICTURE
                      .REVIEW_ID
                      .eq(picture.review())
                      .and(REVIEW_PICTURE.POSITION.eq(picture.position())))
              .execute();
          if (file.isEmpty()) {
            // what cannot be seen does not count as a picture
            sql.update(REVIEW)
                .set(REVIEW.PICTURE_COUNT, REVIEW.PICTURE_COUNT.minus(1L))
                .where(REVIEW.ID.eq(picture.review()))
                .execute();
          }
        });
  }

  /** Pictures that are here already, behind none. */
  void add(long review, List<String> files) {
    if (files.isEmpty()) {
      return;
    }
    database.change(
        sql -> {
          for (int position = 0; position < files.size(); position++) {
            String file = files.get(position);
            sql.insertInto(REVIEW_PICTURE)
                .set(REVIEW_PICTURE.REVIEW_ID, review)
                .set(REVIEW_PICTURE.POSITION, position)
                .set(REVIEW_PICTURE.ADDRESS, ReviewPictures.address(file))
                .set(REVIEW_PICTURE.FILE, file)
                .execute();
          }
          sql.update(REVIEW)
              .set(REVIEW.PICTURE_COUNT, (long) files.size())
              .where(REVIEW.ID.eq(review))
              .execute();
        });
  }
}
