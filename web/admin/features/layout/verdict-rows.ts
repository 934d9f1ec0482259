import type { PageReport } from './frame-link';
import type { PlacedView } from './queries';
import { spotTitle } from './spots';
import type { LabelValue } from '../../../nods/label/view';
import { t } from '../../shared/t';

interface Finding {
  product: string | undefined;
  text: string;
  standing: PlacedView['findings'][number]['status'];
  source: string;
  /** whether it rests on what the product cost */
  isOfPrices: boolean;
}

/** What the values of its words are here, by word and name: a number, or its parts. */
export type Values = Record<string, Record<string, number | string | LabelValue>>;

/** One nod on the page, for all the products it stands by. */
export interface NodRow {
  nod: string;
  name: string;
  spot: string;
  /** the product that its sentence speaks of */
  lead: string;
  on: boolean;
  number: number | undefined;
  because: string;
  validUntil: string | undefined;
  unplaced: boolean;
  findings: Finding[];
  values: Values;
  doubts: { rule: string; text: string }[];
}

interface SpotRows {
  name: string;
  title: string;
  rows: NodRow[];
}

type Source = PlacedView['findings'][number]['source'];

const SOURCES: Record<Source, string> = {
  REVIEWS: t('pages.verdictRows.yourReviews'),
  CATALOGUE: t('pages.verdictRows.yourCatalogue'),
  PRICES: t('pages.verdictRows.recordedPrices'),
  ORDERS: t('pages.verdictRows.yourOrders'),
  VIEWS: t('pages.verdictRows.yourVisitors'),
  SHOPPER: t('pages.verdictRows.theShopper'),
  CLOCK: t('pages.verdictRows.theTime'),
  SETTINGS: t('pages.verdictRows.yourSettings'),
};

/** The server's answer, a row to a nod; numbers as on the page's pins. */
export function groupBySpot(placed: PlacedView[], report: PageReport | undefined) {
  const seen = new Set<string>();
  const byNod = new Map<string, PlacedView[]>();
  for (const part of placed) {
    byNod.set(part.nod, [...(byNod.get(part.nod) ?? []), part]);
    const missing = report?.context
      ? report.nods.some(
          (nod) => nod.nod === part.nod && nod.product === part.product && !nod.placed,
        )
      : !!report;
    if (part.shown && !missing) seen.add(part.nod);
  }
  const numbers = numbered([...seen], report?.order ?? []);
  const spots = new Map<string, SpotRows>();
  const elsewhere: NodRow[] = [];
  for (const [nod, parts] of byNod) {
    const row = rowOf(nod, parts, numbers.get(nod), report);
    if (!parts[0]?.isForThisPage) {
      elsewhere.push(row);
      continue;
    }
    const spot = spots.get(row.spot) ?? {
      name: row.spot,
      title: spotTitle(row.spot),
      rows: [],
    };
    spot.rows.push(row);
    spots.set(row.spot, spot);
  }
  return {
    spots: withEmpty(inPageOrder([...spots.values()], report?.spots ?? []), report?.spots ?? []),
    /** nods that are for other kinds of page */
    elsewhere,
    shown: numbers.size,
    not: byNod.size - numbers.size - elsewhere.length,
  };
}

/** As the page has pinned them; what it has not stands behind. */
function numbered(shown: string[], pinned: string[]): Map<string, number> {
  const place = (nod: string) => (pinned.includes(nod) ? pinned.indexOf(nod) : pinned.length);
  return new Map(shown.sort((a, b) => place(a) - place(b)).map((nod, at) => [nod, at + 1]));
}

/** Spots as they follow in the page; one that is pointed at stays behind the one before it. */
function inPageOrder(spots: SpotRows[], marked: string[]): SpotRows[] {
  let last = -1;
  return spots
    .map((spot) => {
      const at = marked.indexOf(spot.name);
      if (at >= 0) last = at;
      return { spot, at: at >= 0 ? at : last };
    })
    .sort((a, b) => a.at - b.at)
    .map(({ spot }) => spot);
}

/** The spots that hold nods, and between them those that the page is marked with and that hold none. */
function withEmpty(filled: SpotRows[], marked: string[]): SpotRows[] {
  const all = [...filled];
  let at = 0;
  for (const name of marked) {
    const found = all.findIndex((spot) => spot.name === name);
    if (found >= 0) at = found + 1;
    else all.splice(at++, 0, { name, title: spotTitle(name), rows: [] });
  }
  return all;
}

function rowOf(
  nod: string,
  parts: PlacedView[],
  number: number | undefined,
  report: PageReport | undefined,
): NodRow {
  const first = parts[0]!;
  const shown = parts.filter((part) => part.shown);
  const several = parts.length > 1;
  const ends = parts.flatMap((part) => (part.validUntil ? [part.validUntil] : [])).sort();
  const lead = shown[0] ?? first;
  return {
    nod,
    name: first.name,
    spot: first.spot,
    lead: lead.product,
    on: first.on,
    number,
    because:
      several && shown.length > 0
        ? t('pages.verdictRows.shownOnOfProducts', {
            shown: shown.length,
            parts: parts.length,
            product: lead.product,
            because: lower(lead.because),
          })
        : lead.because,
    validUntil: ends[0],
    values: lead.values as Values,
    doubts: lead.doubts,
    unplaced: shown.length > 0 && !!report?.nods.some((one) => one.nod === nod && !one.placed),
    findings: parts.flatMap((part) =>
      part.findings.map((finding) => ({
        product: several ? part.product : undefined,
        text: finding.text,
        standing: finding.status,
        source: SOURCES[finding.source],
        isOfPrices: finding.source === 'PRICES',
      })),
    ),
  };
}

const lower = (sentence: string) => sentence.charAt(0).toLowerCase() + sentence.slice(1);
