package nodyes.server.reviews;

/** Where a review's pictures are found, by the names of their files. */
final class ReviewPictures {
  private ReviewPictures() {}

  /** The address of a kept picture. */
  static String address(String file) {
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
