import type { components } from '../../../contract/schema';

/** The kinds of nods, by their names on the wire. */
export type KindName = components['schemas']['KindName'];

/** Something of each kind: one that is left out does not compile. */
export type OfEachKind<T> = Record<KindName, T>;

/** What a table has for a kind by name; nothing for a name that is no kind. */
export const ofKind = <T>(table: OfEachKind<T>, name: string): T | undefined =>
  Object.hasOwn(table, name) ? table[name as KindName] : undefined;
