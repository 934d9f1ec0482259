package nodyes.core.pagereading;

/** Something in an element of a page. */
public sealed interface PagePart permits PageElement, PagePart.Text {
  /** Text as it stands there. */
  record Text(String text) implements PagePart {}
}
