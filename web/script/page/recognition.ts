import { Places } from './places';
import { readSigns, type Signs } from './signs';
import type { Addresses } from './addresses';
import { markedCards, type Card } from './cards';

/** As the shop itself may say it (see watch). */
const CHANGED = 'nodyes:changed';

/** What reads pages that carry no marks of ours; pages that do need not load it. */
export interface Recognition {
  readSigns: (addresses: Addresses) => Signs;
  markedCards: (own: string | undefined) => Card[];
  placesOf: (cards: Card[], addresses: Addresses) => Places;
}

// where things stand is known when style sheets and pictures are there, which may be after the answer
if (document.readyState !== 'complete')
  window.addEventListener('load', () => document.dispatchEvent(new Event(CHANGED)), { once: true });

export const recognition: Recognition = {
  readSigns,
  markedCards,
  placesOf: (cards, { landmarks }) => new Places(cards, landmarks),
};
