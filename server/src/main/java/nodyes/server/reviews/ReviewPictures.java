package nodyes.server.reviews;

/** Where a review's pictures are found, by the names of their files. */
public final class ReviewPictures {
  /** Stands for the file of a picture that cannot be had. */
  public static final String MISSING = "";

  private ReviewPictures() {}

  /** The address of a kept picture. */
  public static String address(String file) {
    return "/embed/v1/pictures/" + file;
  }

  /** Where people of the back office see it, published or not. */
  static String unpublished(String file) {
    return "/api/v1/pictures/" + file;
  }

  /** The address of a picture of an original, for the owner alone. */
  static String evidence(String file) {
    return "/api/v1/review-originals/" + file;
  }
}
