package nodyes.server.pages;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.NodId;
import nodyes.core.common.Slug;
import nodyes.core.evaluation.Because;
import nodyes.core.evaluation.Facts;
import nodyes.core.evaluation.Page;
import nodyes.core.nod.Nod;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Viewpoint;
import nodyes.core.targeting.Finding;
import nodyes.server.nods.Nods;
import nodyes.server.reasons.Reasons;
import nodyes.server.shop.ShopClock;
import nodyes.server.web.ApiProblem;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** One answer to why a nod is not on a product's page, from the script to the last condition. */
@RestController
@Tag(name = "why")
@RequestMapping("/api/v1/page/diagnosis")
class DiagnosisApi {
  private final FactLoader facts;
  private final Reasons reasons;
  private final NodFacts nodFacts;
  private final Nods nods;
  private final PageCheck check;
  private final ScriptDetections sightings;
  private final ShopClock clock;

  DiagnosisApi(
      FactLoader facts,
      NodFacts nodFacts,
      Nods nods,
      PageCheck check,
      ScriptDetections sightings,
      ShopClock clock,
      Reasons reasons) {
    this.reasons = reasons;
    this.nodFacts = nodFacts;
    this.facts = facts;
    this.nods = nods;
    this.check = check;
    this.sightings = sightings;
    this.clock = clock;
  }

  /** Which nod, on the page of which product or listing, for whom and when. */
  record WhyAsked(
      String nod,
      String kind,
      String product,
      @Nullable String of,
      @Nullable String variant,
      @Nullable String country,
      @Nullable String lang,
      @Nullable String screen,
      @Nullable String at) {}

  /** Whether a thing that a nod needs is so. */
  enum Standing {
    SO,
    NOT_SO,
    UNKNOWN
  }

  /** One thing that a nod needs. */
  record Requirement(String what, Standing status, String text) {}

  /** Whether shoppers get it, in one sentence, and all that it needs. */
  record Diagnosis(boolean shows, String answer, List<Requirement> needs) {}

  @GetMapping
  Diagnosis why(@ParameterObject WhyAsked asked) {
    NodId id = new NodId(asked.nod());
    Optional<Nod> drafted = find(nods.draft().nods(), id);
    Optional<Nod> published = find(nods.published().nods(), id);
    if (drafted.isEmpty() && published.isEmpty()) {
      throw ApiProblem.notFound(text("nods.noSuchNod"));
    }
    var needs = new ArrayList<Requirement>();
    Viewpoint viewpoint = viewpoint(asked);
    onPage(asked, drafted.or(() -> published).orElseThrow(), viewpoint.page(), needs);
    settings(drafted, published, needs);
    published.or(() -> drafted).ifPresent(nod -> conditions(nod, asked, viewpoint, needs));
    Optional<Requirement> first =
        needs.stream().filter(need -> need.status() != Standing.SO).findFirst();
    return new Diagnosis(
        first.isEmpty(),
        first
            .map(need -> text("reasons.live.notSeen", Map.of("reason", need.text())))
            .orElseGet(() -> text("reasons.live.seen")),
        needs);
  }

  private static Optional<Nod> find(List<Nod> all, NodId id) {
    return all.stream().filter(nod -> nod.id().equals(id)).findFirst();
  }

  private Viewpoint viewpoint(WhyAsked asked) {
    return ViewpointParser.orderedThen(
        ViewpointParser.of(
                new ViewpointParser.Asked(
                    asked.kind(), asked.product(), asked.variant(), asked.country(), asked.lang()),
                ViewpointParser.moment(asked.at(), clock.zone(), clock.now()))
            .on(
                java.util.Arrays.stream(Viewpoint.Screen.values())
                    .filter(screen -> screen.name().equalsIgnoreCase(asked.screen()))
                    .findFirst()));
  }

  /** Script and spot, as a fetch of the page finds them. */
  private void onPage(WhyAsked asked, Nod nod, PageKind kind, List<Requirement> needs) {
    PageCheck.Checked page;
    try {
      page = check.one(kind, kind == PageKind.LISTING ? asked.of() : asked.product(), "");
    } catch (ApiProblem e) {
      needs.add(
          need(text("reasons.live.script"), Standing.UNKNOWN, String.valueOf(e.getMessage())));
      return;
    }
    boolean wasSeen = sightings.all().containsKey(kind);
    if (page.failure() != null) {
      needs.add(
          wasSeen
              ? script(Standing.SO, "live.scriptRan", Map.of("page", kind.wireName()))
              : script(Standing.UNKNOWN, "live.notOpened", Map.of("reason", page.failure())));
      return;
    }
    needs.add(
        page.script().hasScript()
            ? script(Standing.SO, "live.scriptThere", Map.of())
            : need(text("reasons.live.script"), Standing.NOT_SO, LivePages.noScript(page)));
    page.marks().forEach(mark -> needs.add(need(text("reasons.live.page"), Standing.NOT_SO, mark)));
    String spot = nod.placement().spot().name();
    boolean there =
        page.places().spots().contains(spot)
            || page.places().pointed().stream()
                .anyMatch(found -> found.name().equals(spot) && found.matches() > 0);
    needs.add(
        need(
            text("reasons.live.spot"),
            there ? Standing.SO : Standing.NOT_SO,
            text(
                there ? "reasons.live.spotThere" : "reasons.live.spotMissing",
                Map.of("spot", spot))));
  }

  private Requirement script(Standing standing, String key, Map<String, String> values) {
    return need(text("reasons.live.script"), standing, text("reasons." + key, values));
  }

  private void settings(Optional<Nod> drafted, Optional<Nod> published, List<Requirement> needs) {
    if (published.isEmpty()) {
      needs.add(published(Standing.NOT_SO, "onlyDraft"));
    } else if (drafted.isEmpty()) {
      needs.add(published(Standing.SO, "draftRemoves"));
    } else if (drafted.equals(published)) {
      needs.add(published(Standing.SO, "published"));
    } else {
      needs.add(published(Standing.SO, "draftChanges"));
    }
  }

  private Requirement published(Standing standing, String key) {
    return need(text("reasons.live.publication"), standing, text("reasons.live." + key));
  }

  private void conditions(Nod nod, WhyAsked asked, Viewpoint viewpoint, List<Requirement> needs) {
    ZoneId zone = clock.zone();
    Facts loaded = facts.load(nods.published().with(List.of(nod)), viewpoint);
    // how many look is known of now alone
    Facts known = asked.at() == null ? nodFacts.seenNow(loaded) : loaded;
    Slug product =
        Slug.parse(asked.product())
            .orElseThrow(() -> ApiProblem.value("product", text("pages.notASlug")));
    for (Page.Placed placed : Page.placed(List.of(nod), known, viewpoint)) {
      if (!placed.product().equals(product)) {
        continue;
      }
      Because because = placed.verdict().because();
      for (Finding finding : because.findings()) {
        if (!finding.met() && !because.missing().contains(finding)) {
          continue; // another one makes up for it
        }
        needs.add(
            need(
                reasons.name(finding.fact()),
                switch (finding.status()) {
                  case MET -> Standing.SO;
                  case NOT_MET -> Standing.NOT_SO;
                  case UNKNOWN -> Standing.UNKNOWN;
                },
                reasons.clause(finding, zone, Titles.of(known))));
      }
    }
  }

  private static Requirement need(String what, Standing standing, String text) {
    return new Requirement(what, standing, text);
  }
}
