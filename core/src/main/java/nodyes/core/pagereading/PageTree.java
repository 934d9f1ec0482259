package nodyes.core.pagereading;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** A page whose elements know where they stand. */
public final class PageTree {
  /** Elements that are a part of the line that they stand in (HTML Living Standard, phrasing). */
  static final Set<String> INLINE =
      Set.of(
          "a", "abbr", "b", "bdi", "bdo", "cite", "code", "em", "i", "mark", "q", "s", "small",
          "span", "strong", "sub", "sup", "u", "font", "time", "wbr");

  private final PageElement root;
  private final Map<Integer, PageElement> parents = new HashMap<>();
  private final Map<Integer, PageElement> byNumber = new HashMap<>();
  private final Map<String, List<PageElement>> byPath = new HashMap<>();

  /** Of the page's top element. */
  public PageTree(PageElement root) {
    this.root = root;
    index(root, root.tag());
  }

  private void index(PageElement element, String path) {
    byNumber.put(element.number(), element);
    byPath.computeIfAbsent(path, _ -> new ArrayList<>()).add(element);
    for (PageElement child : element.children()) {
      parents.put(child.number(), element);
      index(child, path + "/" + child.tag());
    }
  }

  /** The page's top element. */
  public PageElement root() {
    return root;
  }

  /** The element with a number, if there is one. */
  public Optional<PageElement> element(int number) {
    return Optional.ofNullable(byNumber.get(number));
  }

  /** What an element stands in; empty for the top one. */
  public Optional<PageElement> parent(PageElement element) {
    return Optional.ofNullable(parents.get(element.number()));
  }

  /** What an element stands in, from itself to the top. */
  List<PageElement> upwards(PageElement element) {
    var all = new ArrayList<PageElement>();
    for (PageElement one = element; one != null; one = parents.get(one.number())) {
      all.add(one);
    }
    return all;
  }

  /** The tags from the top to an element, parted by '/'. */
  String path(PageElement element) {
    return upwards(element).reversed().stream()
        .map(PageElement::tag)
        .collect(Collectors.joining("/"));
  }

  /** The elements at the end of a path of tags, in the order of the document. */
  List<PageElement> at(String path) {
    return byPath.getOrDefault(path, List.of());
  }

  /** All paths of tags that lead to more than one element. */
  List<String> repeated() {
    return byPath.entrySet().stream()
        .filter(entry -> entry.getValue().size() > 1)
        .map(Map.Entry::getKey)
        .sorted()
        .toList();
  }
}
