import { keepFoundSpace, type FoundSpace } from './page/found-space';
import { Places } from './page/places';
import { readSigns, type Signs } from './page/signs';
import type { Addresses } from './page/addresses';
import type { Card } from './page/cards';

/** What reads pages that carry no marks of ours; pages that do need not load it. */
export interface Recognition {
  readSigns: (addresses: Addresses) => Signs;
  placesOf: (cards: Card[]) => Places;
  keepFoundSpace: (signs: Signs) => FoundSpace;
}

export const recognition: Recognition = {
  readSigns,
  placesOf: (cards) => new Places(cards),
  keepFoundSpace,
};
