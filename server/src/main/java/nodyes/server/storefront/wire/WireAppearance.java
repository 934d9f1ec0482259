package nodyes.server.storefront.wire;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * How a nod is dressed; what is not said is as the kind has it. An own file of the shop's is
 * written as {@code own:} and its name under {@code /embed/v1/materials/}.
 *
 * @param words the owner's own words in the page's language, over the kind's; a word that counts
 *     has one under each plural form, such as {@code reviews.one}
 * @param look the ready look
 * @param shape of the stars; as an own file too
 * @param font a font that ships with the script, by its name, or an own file
 * @param icon what stands before it: the outline of a drawing, an emoji or an own file
 * @param arrow what leads on and back in place of words; as an own file too
 * @param className a class of its element
 * @param entrance how it comes into sight
 * @param screens the one kind of screen that it is for, where it is not for both
 * @param css rules for the nod's own tree
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record WireAppearance(
    @Nullable Map<String, String> words,
    @Nullable String look,
    @Nullable String shape,
    @Nullable String font,
    @Nullable String icon,
    @Nullable String arrow,
    @Nullable String className,
    @Nullable String entrance,
    @Nullable String screens,
    @Nullable String css) {
  /** As the kind has it. */
  public static final WireAppearance NONE =
      new WireAppearance(null, null, null, null, null, null, null, null, null, null);
}
