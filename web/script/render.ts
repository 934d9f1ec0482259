import type { AnyNod, Arrived } from './lib/response-types';
import type { Located } from './page/located';
import { all } from './page/dom';
import type { Place } from './page/places';
import { around, laid, placeOf, put } from './page/spots';
import { colourBy, coloursAround } from './page/colours';
import { TAG, type NodElement } from './nod-element';
import { guarded } from './lib/guarded';
import { loadFont } from './page/fonts';
import { chooseCountry } from './page/country';
import { openForm } from './page/form';
import { askNumber } from './page/view-reports';
import type { Drawn as Kind, Kinds } from '../nods/kinds';
import { Slice } from './lib/slice';
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

/**
 * Draws the answer: keeps what stays, adds what is new, takes away what no longer shows. Between nods
 * the shop's page goes on; of what is no longer current nothing more is drawn, and nothing is told.
 */
export async function paint(
  drawn: Drawn,
  origin: string,
  isLookedAt: boolean,
  again: () => void,
  isCurrent: () => boolean,
): Promise<Painted[] | undefined> {
  const { arrived, kinds, located } = drawn;
  const { answer, now } = arrived;
  const before = new Map(all<NodElement>(TAG).map((element) => [keyOf(element), element]));
  const last = new Map<Element, Element>();
  const slice = new Slice();
  const isLeft = async () => {
    await slice.orNext();
    return !isCurrent();
  };
  const drawnAnew = (nod: AnyNod, kind: Kind, place: Place) => {
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
    return element;
  };
  // all are looked at before any is put, so that the browser lays the page out once
  const places = answer.nods.map((nod) => placeOf(nod, answer, located));
  const colours = places.map((place) => place && coloursAround(around(place)));
  if (await isLeft()) return undefined;
  for (const numbers of together(places)) {
    const ready: [NodElement, AnyNod, Place][] = [];
    for (const n of numbers) {
      const nod = answer.nods[n]!;
      const kind = kinds.get(nod.kind);
      if (!kind) continue;
      const element = drawnAnew(nod, kind, places[n]!);
      colourBy(colours[n]!, element);
      ready.push([element, nod, places[n]!]);
      if (await isLeft()) return undefined;
    }
    // what stands in one place comes at once, and takes the room that was kept for it
    for (const [element, nod, found] of ready) {
      const place = laid(nod, found);
      element.toggleAttribute('data-lies', !!place.lies);
      element.style.marginInline = place.inset ?? '';
      put(place, element, last);
      element.toggleAttribute('data-follows', element.previousElementSibling?.localName === TAG);
    }
  }
  before.forEach((element) => element.remove());
  clearLayers(TAG);
  return answer.nods.map(({ id, product, spot }, n) => ({
    nod: id,
    product,
    spot,
    placed: !!places[n],
  }));
}

/** The numbers of those that stand in one place, in the order of the first of each. */
function together(places: (Place | undefined)[]): Iterable<number[]> {
  const numbers = new Map<Element, number[]>();
  places.forEach((place, n) => {
    if (place) numbers.set(place.element, [...(numbers.get(place.element) ?? []), n]);
  });
  return numbers.values();
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
