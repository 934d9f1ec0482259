package nodyes.server.nods;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Viewpoint;
import nodyes.server.web.ApiProblem;
import org.jspecify.annotations.Nullable;

/**
 * All that is set of a nod of the draft, and what can be.
 *
 * @param set what is set
 * @param said what it says
 * @param contrast of words on ground, where both are set
 * @param options what can be set of its kind beside its look
 * @param hidesTheWhole whether it may show praise alone without what all say
 * @param schedule of a countdown alone
 * @param missing what is incomplete lacks; that part of {@code set} is as it was typed, and applies
 *     nowhere
 */
record NodSettingsView(
    @JsonUnwrapped Named named,
    Settings set,
    @JsonUnwrapped Said said,
    @Nullable Contrast contrast,
    List<OptionForm> options,
    boolean hidesTheWhole,
    @Nullable Schedule schedule,
    List<ApiProblem.FieldError> missing) {
  /** The face with what is incomplete of it in place of what is set. */
  NodSettingsView with(HalfMade half) {
    return new NodSettingsView(
        named,
        set.with(half.set(), half.parts()),
        said,
        contrast,
        options,
        hidesTheWhole,
        schedule,
        half.faults());
  }

  /**
   * Which nod it is.
   *
   * @param revision goes up with each change
   */
  record Named(String id, String kind, String name, long revision) {}

  /**
   * What a nod says.
   *
   * @param words word by word
   * @param unsayable what cannot be said as it is written, and so cannot be published
   * @param stated what a label's own words state though nothing computes it
   */
  record Said(List<Word> words, List<Unsayable> unsayable, List<Stated> stated) {}

  /**
   * Words that state a fact.
   *
   * @param what is stated, such as a percentage
   * @param kind of the label that computes it; missing where none does
   * @param kindName what that is called
   */
  record Stated(
      String language,
      String text,
      String what,
      @Nullable String kind,
      @Nullable String kindName) {}

  /**
   * When a countdown runs.
   *
   * @param sentence its ending in words
   * @param windows the running one and those that come, at most five
   * @param notes what an owner may not expect of them
   */
  record Schedule(String sentence, List<Span> windows, List<String> notes) {}

  /**
   * A time in which it runs.
   *
   * @param from its first instant; missing where it always ran
   * @param words as the shop's clock shows it
   */
  record Span(@Nullable Instant from, Instant to, boolean running, String words) {}

  /**
   * Something that can be set.
   *
   * @param usual what it is when nothing is set
   * @param choices where it is one of some
   * @param min where it is a number
   * @param max where it is a number
   */
  record OptionForm(
      String name,
      String usual,
      @Nullable List<String> choices,
      @Nullable Integer min,
      @Nullable Integer max) {}

  /**
   * What the owner can change.
   *
   * @param own what its kind alone has
   */
  record Settings(
      String spot,
      List<PageKind> pages,
      List<Viewpoint.Screen> screens,
      boolean on,
      ConditionDto audience,
      Map<String, Map<String, String>> wording,
      LookSet look,
      Map<String, Object> own) {
    /** The same with some of its parts, by their names here, as another has them. */
    Settings with(Settings other, Set<String> parts) {
      return new Settings(
          parts.contains("spot") ? other.spot : spot,
          parts.contains("pages") ? other.pages : pages,
          parts.contains("screens") ? other.screens : screens,
          on,
          parts.contains("audience") ? other.audience : audience,
          parts.contains("wording") ? other.wording : wording,
          parts.contains("look") ? other.look : look,
          parts.contains("own") ? other.own : own);
    }
  }

  /** A look by the wire names of its values. */
  record LookSet(
      @Nullable String ready, Map<String, String> values, Map<String, String> narrow, String css) {}

  /**
   * A word of its kind.
   *
   * @param values what it can put in
   * @param ours our wording by language, and of a word that counts by plural form
   */
  record Word(String name, List<String> values, Map<String, Map<String, String>> ours) {}

  /** A value that there is not, with the one whose name is nearest. */
  record Unsayable(String language, String word, String value, @Nullable String nearest) {}

  /**
   * How the words read on their ground.
   *
   * @param ratio to one decimal, rounded down
   * @param passes whether it is at least 4.5 to 1
   * @param nearest the nearest colour for the words that passes, where it does not
   */
  record Contrast(String ratio, boolean passes, @Nullable String nearest) {}
}
