package nodyes.server.reviews;

/** Where a review's pictures are found, by the names of their files. */
final class ReviewPictures {
  private ReviewPictures() {}

  /** The address of a kept picture. */
  static String address(String file) {
    return "/embed/v1/pictures/" + file;
  }
}
