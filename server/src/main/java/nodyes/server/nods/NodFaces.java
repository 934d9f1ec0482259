package nodyes.server.nods;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Clock;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import nodyes.core.audience.Condition;
import nodyes.core.common.Colour;
import nodyes.core.nod.BrandKit;
import nodyes.core.nod.ColourPair;
import nodyes.core.nod.Countdown;
import nodyes.core.nod.Dress;
import nodyes.core.nod.Dressed;
import nodyes.core.nod.Label;
import nodyes.core.nod.Look;
import nodyes.core.nod.LookForm;
import nodyes.core.nod.LookValue;
import nodyes.core.nod.Nod;
import nodyes.core.nod.NodKind;
import nodyes.core.nod.NodOption;
import nodyes.core.nod.OwnFile;
import nodyes.core.nod.PickedQuotes;
import nodyes.core.nod.Placement;
import nodyes.core.nod.Spot;
import nodyes.core.nod.StatedClaim;
import nodyes.core.nod.Wording;
import nodyes.server.materials.Materials;
import nodyes.server.nods.NodFace.Settings;
import nodyes.server.shop.Shop;
import nodyes.server.shop.ShopSettings;
import nodyes.server.web.Refusal;
import nodyes.server.web.Refusal.Fault;
import org.joda.money.CurrencyUnit;
import org.springframework.stereotype.Component;

/** Reads and writes a nod's three faces. */
@Component
class NodFaces {
  private static final int LONGEST_WORDS = 400;

  private final NodJson json;
  private final Sayable sayable;
  private final Shop shop;
  private final Materials materials;
  private final Clock clock;

  NodFaces(NodJson json, Sayable sayable, Shop shop, Materials materials, Clock clock) {
    this.json = json;
    this.sayable = sayable;
    this.shop = shop;
    this.materials = materials;
    this.clock = clock;
  }

  NodFace face(Nod nod, long revision, BrandKit kit) {
    Placement placement = nod.placement();
    return new NodFace(
        nod.id().value(),
        nod.kind().wireName(),
        nod.called(),
        revision,
        new Settings(
            placement.spot().name(),
            placement.pages().stream().sorted().toList(),
            placement.screens().stream().sorted().toList(),
            placement.on(),
            Rules.of(placement.audience(), shop.settings().zone()),
            nod.dress().wording().byLanguage(),
            look(nod.dress().look()),
            json.own(nod)),
        sayable.words(nod.kind()),
        sayable.problems(nod),
        contrast(Dressed.of(kit, nod.dress().look())).orElse(null),
        nod.kind().options().stream().map(NodFaces::option).toList(),
        nod instanceof PickedQuotes quotes && quotes.mayHideTheWhole(),
        nod instanceof Label label
            ? StatedClaim.of(label).stream().map(NodFaces::stated).toList()
            : List.of(),
        nod instanceof Countdown countdown
            ? Schedules.of(countdown.ending(), clock.instant(), shop.settings().zone())
            : null,
        List.of());
  }

  private static NodFace.Stated stated(StatedClaim.Stated stated) {
    Optional<NodKind> kind = stated.claim().computedBy().map(Label.Claim::kind);
    return new NodFace.Stated(
        stated.language(),
        stated.text(),
        stated.claim().words(),
        kind.map(NodKind::wireName).orElse(null),
        kind.map(NodKind::words).orElse(null));
  }

  private static NodFace.OptionForm option(NodOption option) {
    return switch (option.form()) {
      case LookForm.OneOf(List<String> names) ->
          new NodFace.OptionForm(option.name(), option.usual(), names, null, null);
      case LookForm.Whole(int least, int most) ->
          new NodFace.OptionForm(option.name(), option.usual(), null, least, most);
      default -> new NodFace.OptionForm(option.name(), option.usual(), null, null, null);
    };
  }

  static Optional<NodFace.Contrast> contrast(Dressed dressed) {
    return dressed
        .contrast()
        .map(
            ratio ->
                new NodFace.Contrast(
                    BigDecimal.valueOf(ratio).setScale(1, RoundingMode.DOWN).toPlainString(),
                    ratio >= Colour.WORDS,
                    dressed.readableInk().map(Colour::hex).orElse(null)));
  }

  private static NodFace.LookSet look(Look look) {
    return new NodFace.LookSet(
        look.ready().orElse(null), names(look.values()), names(look.narrow()), look.css());
  }

  static Map<String, String> names(Map<LookValue, String> values) {
    var names = new LinkedHashMap<String, String>();
    values.forEach((value, set) -> names.put(value.wireName(), set));
    return names;
  }

  /**
   * The nod with other settings.
   *
   * @throws Refusal naming all that cannot be taken
   */
  Nod with(Nod nod, Settings set, BrandKit kit) {
    var faults = new ArrayList<Fault>();
    ShopSettings settings = shop.settings();
    var placement =
        new Placement(
            spot(set.spot(), faults),
            Set.copyOf(set.pages()),
            rule(nod, set, settings, faults),
            set.on(),
            Set.copyOf(set.screens()));
    if (set.pages().isEmpty()) {
      faults.add(new Fault("pages", "choose at least one kind of page"));
    }
    if (set.screens().isEmpty()) {
      faults.add(new Fault("screens", "choose at least one screen"));
    }
    Dress dress = new Dress(wording(nod, set, faults), look(set.look(), kit, faults));
    Nod changed = nod.placed(placement).dressed(dress);
    try {
      changed = json.with(changed, set.own());
      changed
          .options()
          .problems(changed.kind())
          .forEach((name, text) -> faults.add(new Fault("own.options." + name, text)));
    } catch (IllegalArgumentException e) {
      faults.add(new Fault("own", String.valueOf(e.getMessage())));
    }
    Refusal.ifAny(faults);
    return changed;
  }

  private static Condition rule(Nod nod, Settings set, ShopSettings settings, List<Fault> faults) {
    try {
      return Rules.condition(set.audience(), settings.zone(), CurrencyUnit.of(settings.currency()));
    } catch (Refusal refusal) {
      if (refusal.faults().isEmpty()) {
        throw refusal;
      }
      faults.addAll(refusal.faults());
      return nod.placement().audience();
    }
  }

  private static Spot spot(String name, List<Fault> faults) {
    try {
      return new Spot(name);
    } catch (IllegalArgumentException e) {
      faults.add(new Fault("spot", "is lower-case letters, digits and hyphens"));
      return Spot.STANDARD.getFirst();
    }
  }

  private Wording wording(Nod nod, Settings set, List<Fault> faults) {
    Set<String> names = sayable.names(nod.kind());
    var kept = new TreeMap<String, Map<String, String>>();
    set.wording()
        .forEach(
            (language, words) -> {
              var own = new TreeMap<String, String>();
              words.forEach(
                  (name, text) -> {
                    String path = "wording." + language + "." + name;
                    if (!names.contains(name)) {
                      faults.add(new Fault(path, "is no word of this nod"));
                    } else if (text.length() > LONGEST_WORDS) {
                      faults.add(new Fault(path, "is at most 400 characters"));
                    } else if (!text.isBlank()) {
                      own.put(name, text.strip());
                    }
                  });
              kept.put(language, own);
            });
    return new Wording(kept);
  }

  private Look look(NodFace.LookSet set, BrandKit kit, List<Fault> faults) {
    Optional.ofNullable(set.ready())
        .flatMap(new LookForm.Name()::problem)
        .ifPresent(problem -> faults.add(new Fault("look.ready", problem)));
    OwnCss.problems(set.css()).forEach(problem -> faults.add(new Fault("look.css", problem)));
    return new Look(
        Optional.ofNullable(set.ready()),
        values(set.values(), "look.values", kit, faults),
        values(set.narrow(), "look.narrow", kit, faults),
        set.css());
  }

  private Map<LookValue, String> values(
      Map<String, String> given, String path, BrandKit kit, List<Fault> faults) {
    var values = new TreeMap<LookValue, String>();
    given.forEach(
        (name, text) -> {
          Optional<LookValue> value = LookValue.parse(name);
          Optional<String> problem =
              value
                  .map(known -> known.form().problem(text))
                  .orElse(Optional.of("is nothing that a look has"));
          if (problem.isPresent()) {
            faults.add(new Fault(path + "." + name, problem.get()));
          } else if (value.get() == LookValue.PAIR && kit.pair(text).isEmpty()) {
            faults.add(new Fault(path + "." + name, "is no pair of the brand kit"));
          } else if (OwnFile.parse(text).filter(file -> !materials.has(file)).isPresent()) {
            faults.add(new Fault(path + "." + name, "is no font or picture that you have added"));
          } else {
            values.put(value.get(), text);
          }
        });
    return values;
  }

  /** The kit that someone set. */
  BrandKit kit(Map<String, String> given, List<ColourPair> pairs) {
    var faults = new ArrayList<Fault>();
    var kit = new BrandKit(Map.of(), pairs);
    for (int i = 0; i < pairs.size(); i++) {
      ColourPair pair = pairs.get(i);
      String path = "pairs." + (i + 1);
      LookValue.PAIR
          .form()
          .problem(pair.name())
          .ifPresent(text -> faults.add(new Fault(path + ".name", text)));
      LookValue.GROUND
          .form()
          .problem(pair.ground())
          .ifPresent(text -> faults.add(new Fault(path + ".ground", text)));
      LookValue.INK
          .form()
          .problem(pair.words())
          .ifPresent(text -> faults.add(new Fault(path + ".words", text)));
    }
    if (pairs.stream().map(ColourPair::name).distinct().count() < pairs.size()) {
      faults.add(new Fault("pairs", "two pairs have the same name"));
    }
    var values = values(given, "values", kit, faults);
    Refusal.ifAny(faults);
    return new BrandKit(values, pairs);
  }
}
