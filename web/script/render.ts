import type { Arrived } from './lib/response-types';
import type { Located } from './page/located';
import { all } from './page/dom';
import { laid, placeOf, put } from './page/spots';
import { colour, TAG, type NodElement } from './nod-element';
import { guarded } from './lib/guarded';
import { loadFont } from './page/fonts';
import { askReviews, askTranslation, sendVote } from './page/requests';
import { chooseCountry } from './page/country';
import { openForm } from './page/form';
import { askNumber } from './page/view-reports';
import type { Kinds } from '../nods/kinds';
import type { ViewContext } from '../nods/shared/view';
import { clearLayers } from './page/on-picture';
import { ownAddress } from './page/withdrawal-link';

/** What stands on the page: for which nod and product, in which spot, and whether it found a place. */
export interface Painted {
  nod: string;
  product: string;
  spot: string;
  placed: boolean;
}

/** What is drawn: an answer, on which page, with what. */
export interface Drawn {
  arrived: Arrived;
  kinds: Kinds;
  located: Located;
}

/** Draws the answer: keeps what stays, adds what is new, takes away what no longer shows. */
export function paint(
  { arrived: { answer, now }, kinds, located }: Drawn,
  origin: string,
  isLookedAt: boolean,
  again: () => void,
): Painted[] {
  const before = new Map(all<NodElement>(TAG).map((element) => [keyOf(element), element]));
  const painted: Painted[] = [];
  const last = new Map<Element, Element>();
  const standing: NodElement[] = [];
  // all are looked for before any is put, so that the browser lays the page out once
  const places = answer.nods.map((nod) => placeOf(nod, answer, located));
  for (const [n, nod] of answer.nods.entries()) {
    const found = places[n];
    const kind = kinds.get(nod.kind);
    painted.push({ nod: nod.id, product: nod.product, spot: nod.spot, placed: !!found });
    if (!found || !kind) continue;
    const place = laid(nod, found);
    const key = `${nod.id} ${nod.product}`;
    const element = before.get(key) ?? (document.createElement(TAG) as NodElement);
    before.delete(key);
    const dress = answer.dress[nod.id];
    loadFont(origin, dress?.font);
    const own = (text: string | undefined) => ownAddress(origin, text) ?? text;
    const drawings = { shape: own(dress?.shape), icon: own(dress?.icon) };
    guarded(() =>
      element.show(nod, kind, dress, drawings, {
        ...told(nod, answer, origin, isLookedAt, again),
        arrow: own(dress?.arrow),
        reviewsAt: () => located.reviewsAt(nod.product, place),
        now,
      }),
    );
    element.toggleAttribute('data-lies', !!place.lies);
    element.style.marginInline = place.inset ?? '';
    put(place, element, last);
    standing.push(element);
    element.toggleAttribute('data-follows', element.previousElementSibling?.localName === TAG);
  }
  before.forEach((element) => element.remove());
  colour(standing);
  clearLayers(TAG);
  return painted;
}

/** What a nod is told of the page, and how it asks for more. */
function told(
  nod: Arrived['answer']['nods'][number],
  answer: Arrived['answer'],
  origin: string,
  isLookedAt: boolean,
  again: () => void,
): Omit<ViewContext, 'arrow' | 'reviewsAt' | 'now'> {
  const own = answer.dress[nod.id]?.words ?? {};
  return {
    language: answer.language,
    words: answer.words[nod.kind === 'label' ? nod.claim : nod.kind] ?? {},
    wordsOf: (other) => answer.words[other] ?? {},
    own,
    isLookedAt,
    number: (asked, line, hear) => askNumber({ ...asked, product: nod.product }, line, hear),
    choose: (country) => {
      chooseCountry(country, isLookedAt);
      again();
    },
    origin,
    more: (wanted, size) => askReviews(origin, nod.product, wanted, size),
    vote: isLookedAt ? undefined : (review, says) => sendVote(origin, review, says),
    translate: (review) => askTranslation(origin, review, answer.language),
    form: (host) =>
      openForm(host, {
        origin,
        product: nod.product,
        language: answer.language,
        own,
        isLookedAt,
      }),
  };
}

function keyOf(element: NodElement): string {
  return `${element.dataset['nod']} ${element.dataset['product']}`;
}
