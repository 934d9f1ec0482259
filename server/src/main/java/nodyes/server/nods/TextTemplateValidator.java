package nodyes.server.nods;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.nod.Nod;
import nodyes.core.nod.NodKind;
import nodyes.core.nod.TextOverrides;
import org.apache.commons.text.similarity.LevenshteinDistance;
import org.springframework.stereotype.Component;

/** Which words a nod has, and whether what the owner wrote for them can be said. */
@Component
class TextTemplateValidator {
  /** Plural forms (CLDR) that any language may have. */
  private static final List<String> FORMS = List.of("zero", "one", "two", "few", "many", "other");

  /** The values that each word can put in; asked for with every preview. */
  private final Map<NodKind, Map<String, Set<String>>> values = new EnumMap<>(NodKind.class);

  /** The words themselves; asked for with every change. */
  private final Map<NodKind, List<NodSettingsView.Word>> all = new EnumMap<>(NodKind.class);

  TextTemplateValidator(DefaultTexts words) {
    for (NodKind kind : NodKind.values()) {
      Map<String, Set<String>> byName = words.values(kind);
      values.put(kind, byName);
      all.put(kind, words(words, kind, byName));
    }
  }

  private Map<String, Set<String>> values(NodKind kind) {
    return values.getOrDefault(kind, Map.of());
  }

  /** The names under which words of a kind are written, plural forms and all. */
  Set<String> names(NodKind kind) {
    var names = new LinkedHashSet<String>();
    for (NodSettingsView.Word word : words(kind)) {
      if (word.ours().values().iterator().next().containsKey("other")) {
        FORMS.forEach(form -> names.add(word.name() + "." + form));
      } else {
        names.add(word.name());
      }
    }
    return names;
  }

  /** The words of a kind, ours in every language that we have. */
  List<NodSettingsView.Word> words(NodKind kind) {
    return all.getOrDefault(kind, List.of());
  }

  private static List<NodSettingsView.Word> words(
      DefaultTexts words, NodKind kind, Map<String, Set<String>> values) {
    var ours = new LinkedHashMap<String, Map<String, Map<String, String>>>();
    values.keySet().forEach(name -> ours.put(name, new LinkedHashMap<>()));
    for (String language : words.languages()) {
      words
          .sayable(language, kind)
          .forEach(
              (name, said) -> {
                var byLanguage = ours.get(name);
                if (byLanguage != null) {
                  byLanguage.put(language, forms(said));
                }
              });
    }
    return values.entrySet().stream()
        .map(
            word ->
                new NodSettingsView.Word(
                    word.getKey(),
                    List.copyOf(word.getValue()),
                    ours.getOrDefault(word.getKey(), Map.of())))
        .toList();
  }

  private static Map<String, String> forms(Object said) {
    var forms = new LinkedHashMap<String, String>();
    if (said instanceof Map<?, ?> counted) {
      counted.forEach((form, text) -> forms.put(String.valueOf(form), String.valueOf(text)));
    } else {
      forms.put("", said.toString());
    }
    return forms;
  }

  /** What of a nod's words cannot be said. */
  List<NodSettingsView.Unsayable> problems(Nod nod) {
    var problems = new ArrayList<NodSettingsView.Unsayable>();
    nod.dress()
        .wording()
        .byLanguage()
        .forEach(
            (language, said) ->
                said.forEach(
                    (name, text) ->
                        unknown(nod.kind(), name, text)
                            .forEach(
                                value ->
                                    problems.add(
                                        new NodSettingsView.Unsayable(
                                            language,
                                            name,
                                            value,
                                            nearest(nod.kind(), name, value).orElse(null))))));
    return problems;
  }

  /** The nod saying what was good last where what it says now cannot be said. */
  Nod good(Nod nod, Optional<Nod> before) {
    TextOverrides wording = nod.dress().wording();
    TextOverrides good =
        wording.sayable(
            (name, text) -> unknown(nod.kind(), name, text).isEmpty(),
            before.map(one -> one.dress().wording()).orElse(TextOverrides.NONE));
    return good.equals(wording)
        ? nod
        : nod.dressed(new nodyes.core.nod.Appearance(good, nod.dress().look()));
  }

  private List<String> unknown(NodKind kind, String name, String text) {
    Set<String> known = known(kind, name);
    return TextOverrides.values(text).stream().filter(value -> !known.contains(value)).toList();
  }

  private Set<String> known(NodKind kind, String name) {
    int dot = name.indexOf('.');
    return values(kind).getOrDefault(dot < 0 ? name : name.substring(0, dot), Set.of());
  }

  private Optional<String> nearest(NodKind kind, String name, String value) {
    var distance = LevenshteinDistance.getDefaultInstance();
    return known(kind, name).stream()
        .min(java.util.Comparator.comparingInt(known -> distance.apply(known, value)));
  }
}
