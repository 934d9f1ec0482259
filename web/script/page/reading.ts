import { readContext, type PageContext } from './context';
import type { Recognition } from './recognition';
import type { Signs } from './signs';
import { languageOfPage } from './language';
import type { Addresses } from './addresses';

/** What a page says of itself: by marks of ours, or else by its signs. */
export interface Reading {
  context: PageContext | undefined;
  signs: Signs | undefined;
  /** another one where something else would be asked for */
  key: string;
}

/** What signs are read with, where there are no marks. */
export interface Means {
  recognition: Recognition | undefined;
  addresses: Addresses;
}

/** Reads the page as it stands. */
export function readPage({ recognition, addresses }: Means): Reading {
  const context = readContext();
  if (context) return { context, signs: undefined, key: JSON.stringify(context) };
  const signs = recognition?.readSigns(addresses) ?? { about: '', query: [], cards: [] };
  return { context: undefined, signs, key: JSON.stringify([signs.query, languageOfPage()]) };
}
