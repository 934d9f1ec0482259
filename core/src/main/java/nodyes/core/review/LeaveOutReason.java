package nodyes.core.review;

/** Why a review is left out: the same reasons at 1 star and at 5. */
public enum LeaveOutReason {
  /** It speaks of something else. */
  NOT_ABOUT_THIS_PRODUCT,
  /** It is here already. */
  A_COPY,
  /** Written by the shop, its staff or a rival. */
  BY_AN_INTERESTED_PARTY,
  /** It gives away private data that cannot be hidden. */
  PRIVATE_DATA,
  /** Unlawful or hateful words. */
  UNLAWFUL_OR_HATEFUL,
  /** Its writer took it back. */
  WITHDRAWN_BY_ITS_WRITER,
  /** Left out while sorting many, without a word why; shown as that wherever it is counted. */
  NOT_GIVEN
}
