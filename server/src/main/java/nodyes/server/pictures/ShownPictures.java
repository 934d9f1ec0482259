package nodyes.server.pictures;

/** Tells which pictures of reviews anyone may see. */
public interface ShownPictures {
  /** Whether a published review shows the file. */
  boolean isShown(String file);
}
