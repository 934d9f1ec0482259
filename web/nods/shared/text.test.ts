import { describe, expect, it } from 'vitest';
import type { Tongue } from './view';
import { isRightToLeft, day, figured, flag, locale, number, say, sayCount } from './text';
import plurals from '../../tests/cases/plurals.csv?raw';

const tongue = (language: string, words: Tongue['words'], own: Tongue['own'] = {}): Tongue => ({
  language,
  words,
  own,
});
const FORMS = Object.fromEntries(
  ['zero', 'one', 'two', 'few', 'many', 'other'].map((form) => [form, form]),
);
const CASES = plurals
  .trim()
  .split('\n')
  .slice(1)
  .map((line) => line.split(','));

describe('the way a language is written', () => {
  it.each(['ar', 'ar-EG', 'fa', 'he-IL', 'ur', 'az-Arab', 'dv'])(
    'is from the right in %s',
    (one) => {
      expect(isRightToLeft(one)).toBe(true);
      const { script } = new Intl.Locale(one).maximize();
      expect(['Arab', 'Hebr', 'Thaa']).toContain(script);
    },
  );

  it.each(['en', 'de', 'arn', 'ur-Latn', 'ks-Deva', 'ja', 'hu'])(
    'is from the left in %s',
    (one) => {
      expect(isRightToLeft(one)).toBe(false);
      const { script } = new Intl.Locale(one).maximize();
      expect(['Arab', 'Hebr', 'Thaa']).not.toContain(script);
    },
  );
});

describe('wordings', () => {
  // the same table is read in Java beside ICU4J
  it.each(CASES)('in %s the number %s takes the form "%s"', (language, n, category) => {
    expect(sayCount(tongue(language ?? '', { left: FORMS }), 'left', Number(n))).toBe(category);
  });

  it('takes "other" where a language has no text for a form', () => {
    expect(sayCount(tongue('ar', { left: { other: '{n}!' } }), 'left', 3)).toMatch(/!$/);
  });

  it('prefers the words of the owner, form by form', () => {
    const own = { 'left.one': 'the last one', 'left.other': 'just {n}' };
    const english = tongue('en', { left: { one: 'Only {n}', other: 'Only {n}' } }, own);
    expect(sayCount(english, 'left', 1)).toBe('the last one');
    expect(sayCount(english, 'left', 1204)).toBe('just 1,204');
  });

  it('puts values in, and nothing for one that is not known', () => {
    const english = tongue('en', { by: 'by {name} from {town}' });
    expect(say(english, 'by', { name: 'Inês' })).toBe('by Inês from ');
  });

  it('does not take a value for a wording with values of its own', () => {
    expect(say(tongue('en', { by: '{a}' }), 'by', { a: '{b}', b: 'x' })).toBe('{b}');
  });

  it('keeps the order of a name that is read the other way', () => {
    expect(say(tongue('ar', { by: '{name}' }), 'by', { name: 'Oat trough' })).toBe(
      '\u2068Oat trough\u2069',
    );
  });

  it('sets the number off where it stands', () => {
    const german = tongue('de', { left: { one: 'Nur noch {n} da', other: 'Nur noch {n} da' } });
    const [before, set, behind] = figured(german, 'left', 1204);
    expect([before, (set as HTMLElement).outerHTML, behind]).toEqual([
      'Nur noch ',
      '<b>1.204</b>',
      ' da',
    ]);
  });

  it('says a wording without its number whole', () => {
    expect(figured(tongue('en', { left: { other: 'a few' } }), 'left', 3)).toEqual(['a few']);
  });
});

describe('numbers and days', () => {
  it('are written as the page does where it is of the same language', () => {
    document.documentElement.lang = 'de-CH';
    expect(locale({ language: 'de' })).toBe('de-CH');
    expect(number(tongue('de', {}), 1204)).toBe(new Intl.NumberFormat('de-CH').format(1204));
    expect(number(tongue('de', {}), 1204)).not.toBe(new Intl.NumberFormat('de').format(1204));
    document.documentElement.lang = 'fr';
    expect(locale({ language: 'de' })).toBe('de');
  });

  it('a day is the day it says, whatever the zone', () => {
    document.documentElement.lang = 'en-GB';
    expect(day(tongue('en', {}), '2026-12-31')).toBe('31 December 2026');
  });

  it('a flag is made of the signs of its code', () => {
    expect(flag('PT')).toBe('🇵🇹');
  });
});
