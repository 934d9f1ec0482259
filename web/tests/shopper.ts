import { vi } from 'vitest';
import de from '../../server/src/main/resources/words/de.json';
import en from '../../server/src/main/resources/words/en.json';
import ja from '../../server/src/main/resources/words/ja.json';
import pt from '../../server/src/main/resources/words/pt.json';
import type { ViewContext } from '../nods/shared/view';

const WORDS: Record<string, Record<string, Record<string, unknown>>> = { de, en, ja, pt };

/** Thursday, 26 November 2026, in Lisbon as in Greenwich. */
export const NOW = Date.parse('2026-11-26T14:20:00Z');

interface Shopper {
  language?: string;
  now?: number;
  own?: Record<string, string>;
  isLookedAt?: boolean;
  choose?: (country: string) => void;
  number?: ViewContext['number'];
  reviewsAt?: string | undefined;
}

/** What a view gets on the page of a shopper, in the words that the product ships. */
export function shopper(kind: string, who: Shopper = {}): ViewContext {
  const { language = 'en', now = NOW, own = {} } = who;
  document.documentElement.lang = language;
  const words = WORDS[language] ?? {};
  return {
    language,
    words: words[kind] ?? {},
    own,
    now: () => now,
    number: who.number ?? (() => undefined),
    isLookedAt: who.isLookedAt ?? false,
    choose: who.choose,
    reviewsAt: () => who.reviewsAt,
    origin: 'https://nods.example',
    form: vi.fn(),
    wordsOf: (other) => words[other] ?? {},
  };
}

/** Puts what a view made on the page, as the page's own element does. */
export function onPage<T extends Node>(made: T): T {
  document.body.append(made);
  return made;
}

/** Text with each run of white space as one sign. */
export const textOf = (node: Node | null | undefined) =>
  (node?.textContent ?? '').replace(/\s+/g, ' ').trim();

/** Words of a stranger that would be more than words if they were read as markup. */
export const HOSTILE = '<img src=x onerror="window.hit=1"><script>window.hit=1</script>';

/** The same without some of its parts. */
export const without = <T extends object, K extends keyof T>(of: T, ...names: K[]) =>
  Object.fromEntries(
    Object.entries(of).filter(([name]) => !names.some((one) => one === name)),
  ) as Omit<T, K>;
