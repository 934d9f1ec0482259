package nodyes.server.embed.wire;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * How a nod is dressed; what is not said is as the kind has it.
 *
 * @param words the owner's own words in the page's language, over the kind's; a word that counts
 *     has one under each plural form, such as {@code reviews.one}
 * @param look the ready look
 * @param shape of the stars
 * @param font a font that ships with the script, by its name
 * @param icon the drawing before it
 * @param entrance how it comes into sight
 * @param screens {@code wide} or {@code narrow}, where it is for one of them alone
 * @param css rules for the nod's own tree
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record WireDress(
    @Nullable Map<String, String> words,
    @Nullable String look,
    @Nullable String shape,
    @Nullable String font,
    @Nullable String icon,
    @Nullable String entrance,
    @Nullable String screens,
    @Nullable String css) {
  /** As the kind has it. */
  public static final WireDress NONE =
      new WireDress(null, null, null, null, null, null, null, null);
}
