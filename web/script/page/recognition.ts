import { Places } from './places';
import { readSigns, type Signs } from './signs';
import type { Addresses } from './addresses';
import type { Card } from './cards';

/** What reads pages that carry no marks of ours; pages that do need not load it. */
export interface Recognition {
  readSigns: (addresses: Addresses) => Signs;
  placesOf: (cards: Card[], addresses: Addresses) => Places;
}

export const recognition: Recognition = {
  readSigns,
  placesOf: (cards, { landmarks }) => new Places(cards, landmarks),
};
