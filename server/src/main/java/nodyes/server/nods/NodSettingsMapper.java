package nodyes.server.nods;

import static nodyes.server.messages.Texts.text;

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
import nodyes.core.common.RgbColor;
import nodyes.core.common.Said;
import nodyes.core.nod.Appearance;
import nodyes.core.nod.AssetRef;
import nodyes.core.nod.BrandKit;
import nodyes.core.nod.ColorPair;
import nodyes.core.nod.Countdown;
import nodyes.core.nod.Label;
import nodyes.core.nod.Nod;
import nodyes.core.nod.NodKind;
import nodyes.core.nod.NodOption;
import nodyes.core.nod.PickedQuotes;
import nodyes.core.nod.Placement;
import nodyes.core.nod.ResolvedStyle;
import nodyes.core.nod.Spot;
import nodyes.core.nod.StatedClaim;
import nodyes.core.nod.Style;
import nodyes.core.nod.StyleProperty;
import nodyes.core.nod.StyleValueType;
import nodyes.core.nod.TextOverrides;
import nodyes.core.targeting.Condition;
import nodyes.server.assets.Assets;
import nodyes.server.messages.Texts;
import nodyes.server.nods.NodSettingsView.Settings;
import nodyes.server.shop.Shop;
import nodyes.server.shop.ShopSettings;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.ApiProblem.FieldError;
import org.joda.money.CurrencyUnit;
import org.springframework.stereotype.Component;

/** Reads and writes a nod's three faces. */
@Component
class NodSettingsMapper {
  private static final int LONGEST_WORDS = 400;

  private final NodJson json;
  private final TextTemplateValidator sayable;
  private final Shop shop;
  private final Assets materials;
  private final Clock clock;

  NodSettingsMapper(
      NodJson json, TextTemplateValidator sayable, Shop shop, Assets materials, Clock clock) {
    this.json = json;
    this.sayable = sayable;
    this.shop = shop;
    this.materials = materials;
    this.clock = clock;
  }

  NodSettingsView face(Nod nod, long revision, BrandKit kit) {
    Placement placement = nod.placement();
    return new NodSettingsView(
        new NodSettingsView.Named(
            nod.id().value(), nod.kind().wireName(), NodNames.called(nod), revision),
        new Settings(
            placement.spot().name(),
            placement.pages().stream().sorted().toList(),
            placement.screens().stream().sorted().toList(),
            placement.on(),
            ConditionMapper.of(placement.audience(), shop.settings().zone()),
            nod.dress().wording().byLanguage(),
            look(nod.dress().look()),
            json.own(nod)),
        new NodSettingsView.Said(
            sayable.words(nod.kind()),
            sayable.problems(nod),
            nod instanceof Label label
                ? StatedClaim.of(label).stream().map(NodSettingsMapper::stated).toList()
                : List.of()),
        contrast(ResolvedStyle.of(kit, nod.dress().look())).orElse(null),
        nod.kind().options().stream().map(NodSettingsMapper::option).toList(),
        nod instanceof PickedQuotes quotes && quotes.mayHideTheWhole(),
        nod instanceof Countdown countdown
            ? SchedulePreview.of(countdown.ending(), clock.instant(), shop.settings().zone())
            : null,
        List.of());
  }

  private static NodSettingsView.Stated stated(StatedClaim.Stated stated) {
    Optional<NodKind> kind = stated.claim().computedBy().map(Label.LabelType::kind);
    return new NodSettingsView.Stated(
        stated.language(),
        stated.text(),
        text("claims." + stated.claim()),
        kind.map(NodKind::wireName).orElse(null),
        kind.map(NodNames::of).orElse(null));
  }

  private static NodSettingsView.OptionForm option(NodOption option) {
    return switch (option.form()) {
      case StyleValueType.OneOf(List<String> names) ->
          new NodSettingsView.OptionForm(option.name(), option.usual(), names, null, null);
      case StyleValueType.Whole(int least, int most) ->
          new NodSettingsView.OptionForm(option.name(), option.usual(), null, least, most);
      case StyleValueType.Tint _,
          StyleValueType.Pixels _,
          StyleValueType.Numbers _,
          StyleValueType.Plain _,
          StyleValueType.OneOfOrOwn _,
          StyleValueType.Mark _,
          StyleValueType.Name _,
          StyleValueType.ClassName _ ->
          new NodSettingsView.OptionForm(option.name(), option.usual(), null, null, null);
    };
  }

  static Optional<NodSettingsView.Contrast> contrast(ResolvedStyle dressed) {
    return dressed
        .contrast()
        .map(
            ratio ->
                new NodSettingsView.Contrast(
                    BigDecimal.valueOf(ratio).setScale(1, RoundingMode.DOWN).toPlainString(),
                    ratio >= RgbColor.WORDS,
                    dressed.readableInk().map(RgbColor::hex).orElse(null)));
  }

  private static NodSettingsView.LookSet look(Style look) {
    return new NodSettingsView.LookSet(
        look.ready().orElse(null), names(look.values()), names(look.narrow()), look.css());
  }

  static Map<String, String> names(Map<StyleProperty, String> values) {
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
    var faults = new ArrayList<FieldError>();
    ShopSettings settings = shop.settings();
    var placement =
        new Placement(
            spot(set.spot(), faults),
            Set.copyOf(set.pages()),
            rule(nod, set, settings, faults),
            set.on(),
            Set.copyOf(set.screens()));
    if (set.pages().isEmpty()) {
      faults.add(new FieldError("pages", text("nods.choosePages")));
    }
    if (set.screens().isEmpty()) {
      faults.add(new FieldError("screens", text("nods.chooseScreen")));
    }
    Appearance dress = new Appearance(wording(nod, set, faults), look(set.look(), kit, faults));
    Nod changed = nod.placed(placement).dressed(dress);
    try {
      changed = json.with(changed, set.own());
      changed
          .options()
          .problems(changed.kind())
          .forEach((name, why) -> faults.add(new FieldError("own.options." + name, text(why))));
    } catch (IllegalArgumentException e) {
      faults.add(new FieldError("own", Texts.why(e)));
    }
    ApiProblem.ifAny(faults);
    return changed;
  }

  private static Condition rule(
      Nod nod, Settings set, ShopSettings settings, List<FieldError> faults) {
    try {
      return ConditionMapper.condition(
          set.audience(), settings.zone(), CurrencyUnit.of(settings.currency()));
    } catch (ApiProblem refusal) {
      if (refusal.faults().isEmpty()) {
        throw refusal;
      }
      faults.addAll(refusal.faults());
      return nod.placement().audience();
    }
  }

  private static Spot spot(String name, List<FieldError> faults) {
    try {
      return new Spot(name);
    } catch (IllegalArgumentException e) {
      faults.add(new FieldError("spot", text("nods.spotNameForm")));
      return Spot.STANDARD.getFirst();
    }
  }

  private TextOverrides wording(Nod nod, Settings set, List<FieldError> faults) {
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
                      faults.add(new FieldError(path, text("nods.noSuchText")));
                    } else if (text.length() > LONGEST_WORDS) {
                      faults.add(new FieldError(path, text("nods.text400")));
                    } else if (!text.isBlank()) {
                      own.put(name, text.strip());
                    }
                  });
              kept.put(language, own);
            });
    return new TextOverrides(kept);
  }

  private Style look(NodSettingsView.LookSet set, BrandKit kit, List<FieldError> faults) {
    Optional.ofNullable(set.ready())
        .flatMap(new StyleValueType.Name()::problem)
        .ifPresent(problem -> faults.add(new FieldError("look.ready", Texts.text(problem))));
    OwnCss.problems(set.css()).forEach(problem -> faults.add(new FieldError("look.css", problem)));
    return new Style(
        Optional.ofNullable(set.ready()),
        values(set.values(), "look.values", kit, faults),
        values(set.narrow(), "look.narrow", kit, faults),
        set.css());
  }

  private Map<StyleProperty, String> values(
      Map<String, String> given, String path, BrandKit kit, List<FieldError> faults) {
    var values = new TreeMap<StyleProperty, String>();
    given.forEach(
        (name, text) -> {
          Optional<StyleProperty> value = StyleProperty.parse(name);
          Optional<Said> problem =
              value
                  .map(known -> known.form().problem(text))
                  .orElse(Optional.of(Said.of("nods.noSuchLook")));
          if (problem.isPresent()) {
            faults.add(new FieldError(path + "." + name, Texts.text(problem.get())));
          } else if (value.get() == StyleProperty.PAIR && kit.pair(text).isEmpty()) {
            faults.add(new FieldError(path + "." + name, text("nods.noSuchPair")));
          } else if (AssetRef.parse(text).filter(file -> !materials.has(file)).isPresent()) {
            faults.add(new FieldError(path + "." + name, text("nods.noSuchAsset")));
          } else {
            values.put(value.get(), text);
          }
        });
    return values;
  }

  /** The kit that someone set. */
  BrandKit kit(Map<String, String> given, List<ColorPair> pairs) {
    var faults = new ArrayList<FieldError>();
    var kit = new BrandKit(Map.of(), pairs);
    for (int i = 0; i < pairs.size(); i++) {
      ColorPair pair = pairs.get(i);
      String path = "pairs." + (i + 1);
      StyleProperty.PAIR
          .form()
          .problem(pair.name())
          .ifPresent(why -> faults.add(new FieldError(path + ".name", Texts.text(why))));
      StyleProperty.GROUND
          .form()
          .problem(pair.ground())
          .ifPresent(why -> faults.add(new FieldError(path + ".ground", Texts.text(why))));
      StyleProperty.INK
          .form()
          .problem(pair.words())
          .ifPresent(why -> faults.add(new FieldError(path + ".words", Texts.text(why))));
    }
    if (pairs.stream().map(ColorPair::name).distinct().count() < pairs.size()) {
      faults.add(new FieldError("pairs", text("nods.samePairName")));
    }
    var values = values(given, "values", kit, faults);
    ApiProblem.ifAny(faults);
    return new BrandKit(values, pairs);
  }
}
