package nodyes.core.pagereading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.BiPredicate;

/**
 * Where in a review a part of it stands: by the names of its classes where it has any, else by the
 * way to it.
 *
 * @param steps from the review down; none for the review itself
 */
public record PartPath(List<Step> steps) {
  /**
   * A step to an element.
   *
   * @param tag its tag
   * @param classes names of classes that it has in every review, in their order
   * @param nth its place among those with the same tag, from 1
   */
  public record Step(String tag, List<String> classes, int nth) {
    /** Keeps the classes unchangeable. */
    public Step {
      classes = List.copyOf(classes);
    }
  }

  /** Keeps the steps unchangeable. */
  public PartPath {
    steps = List.copyOf(steps);
  }

  /** The way from a review to an element in it; empty where that is not in it. */
  static Optional<PartPath> of(PageTree page, PageElement block, PageElement element) {
    var steps = new ArrayList<Step>();
    PageElement one = element;
    while (one.number() != block.number()) {
      Optional<PageElement> parent = page.parent(one);
      if (parent.isEmpty()) {
        return Optional.empty();
      }
      steps.addFirst(step(parent.get(), one));
      one = parent.get();
    }
    return Optional.of(new PartPath(steps));
  }

  private static Step step(PageElement parent, PageElement child) {
    int nth = 0;
    for (PageElement one : parent.children()) {
      nth += one.tag().equals(child.tag()) ? 1 : 0;
      if (one.number() == child.number()) {
        break;
      }
    }
    return new Step(child.tag(), List.copyOf(new TreeSet<>(child.classes())), nth);
  }

  /**
   * The same with the classes alone that hold for other reviews too.
   *
   * @param isCommon whether a tag often has a class
   */
  PartPath keeping(BiPredicate<String, String> isCommon) {
    return new PartPath(
        steps.stream()
            .map(
                step ->
                    new Step(
                        step.tag(),
                        step.classes().stream()
                            .filter(name -> isCommon.test(step.tag(), name))
                            .toList(),
                        step.nth()))
            .toList());
  }

  /** The element in a review that this leads to: on the way, else the first that is named so. */
  Optional<PageElement> find(PageElement block) {
    return onTheWay(block)
        .or(
            () ->
                block.all().stream()
                    .filter(one -> !steps.getLast().classes().isEmpty())
                    .filter(one -> isLike(one, steps.getLast()))
                    .findFirst());
  }

  private static boolean isLike(PageElement element, Step step) {
    return element.tag().equals(step.tag()) && element.classes().containsAll(step.classes());
  }

  private Optional<PageElement> onTheWay(PageElement block) {
    Optional<PageElement> one = Optional.of(block);
    for (Step step : steps) {
      one =
          one.flatMap(
              at ->
                  at.children().stream()
                      .filter(child -> child.tag().equals(step.tag()))
                      .skip(step.nth() - 1L)
                      .findFirst()
                      .filter(child -> child.classes().containsAll(step.classes())));
    }
    return one;
  }
}
