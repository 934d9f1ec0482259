import type { ReactNode } from 'react';
import type { Messages, RichMessages } from '../../contract/messages';
import { intl } from './intl';

type Plain = string | number | Date | boolean | undefined | null;

/** A message with its values, as text. */
export function t<K extends keyof Messages>(
  id: K,
  ...[values]: Messages[K] extends undefined ? [] : [Messages[K]]
): string {
  return intl().formatMessage({ id }, values as unknown as Record<string, Plain>);
}

type TProps<K extends keyof RichMessages> = { id: K } & (RichMessages[K] extends undefined
  ? { values?: never }
  : { values: RichMessages[K] });

/** A message in which parts of the screen stand: choices, links, figures set off. */
export function T<K extends keyof RichMessages>({ id, values }: TProps<K>): ReactNode {
  return intl().formatMessage({ id }, values as unknown as Record<string, ReactNode>);
}

/** Parts of the screen as a list of the language: a, b and c. */
export const inList = (parts: ReactNode[]): ReactNode =>
  parts.length === 1 ? parts[0] : intl().formatList(parts, { type: 'conjunction' });
