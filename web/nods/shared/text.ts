import { intl } from './formats';
import { el } from '../../script/lib/create-element';
import type { Tongue } from './view';

type Values = Record<string, string | number>;

/** A wording with its values put in; numbers as the language writes them. */
export function say(context: Tongue, name: string, values: Values = {}): string {
  return fill(context, context.own[name] ?? context.words[name], values);
}

/** A wording that counts: the form that CLDR gives for that number in that language. */
export function sayCount(context: Tongue, name: string, n: number, values: Values = {}): string {
  const forms = (context.words[name] ?? {}) as Record<string, string>;
  const category = intl(Intl.PluralRules, context.language, {}).select(n);
  const form =
    context.own[`${name}.${category}`] ??
    context.own[`${name}.other`] ??
    forms[category] ??
    forms['other'];
  return fill(context, form, { n, ...values });
}

const RIGHT_TO_LEFT = /^(ar|ckb|dv|fa|he|ks|ps|sd|ug|ur|yi)\b(?!-[a-z]{4}\b)|-(arab|hebr|thaa)\b/i;

/**
 * Whether a language is written from the right (CLDR, layout), unless its script says otherwise. By a
 * list: the browser's own answer takes a slow telephone longer than all else of a nod.
 */
export const isRightToLeft = (language: string) => RIGHT_TO_LEFT.test(language);

function fill(context: Tongue, wording: unknown, values: Values): string {
  const isolates = isRightToLeft(context.language);
  return (typeof wording === 'string' ? wording : '').replace(/\{(\w+)\}/g, (_, name: string) => {
    const value = values[name] ?? '';
    if (typeof value === 'number') return number(context, value);
    // a name that is read the other way keeps its own order (Unicode UAX 9, isolates)
    return isolates && value ? `\u2068${value}\u2069` : value;
  });
}

const PLACE = '\uFFFC';

/** A wording that counts, with its number set off. */
export function figured(
  context: Tongue,
  name: string,
  n: number,
  values: Values = {},
): (Node | string)[] {
  // a sign that no wording has stands for the number, whose digits may be part of another
  const [before, behind] = sayCount(context, name, n, { ...values, n: PLACE }).split(PLACE);
  return behind === undefined
    ? [before ?? '']
    : [before ?? '', el('b', {}, number(context, n)), behind];
}

/** A number as the language writes it. */
export function number(context: Tongue, value: number, digits = 0): string {
  return intl(Intl.NumberFormat, locale(context), {
    minimumFractionDigits: digits,
    maximumFractionDigits: digits,
  }).format(value);
}

/** A day, given as year-month-day, as the language writes it. */
export function day(context: Tongue, isoDay: string): string {
  return intl(Intl.DateTimeFormat, locale(context), { dateStyle: 'long', timeZone: 'UTC' }).format(
    new Date(`${isoDay}T00:00:00Z`),
  );
}

/** A month, given as year-month, as the language writes it. */
export function month(context: Tongue, isoMonth: string): string {
  return intl(Intl.DateTimeFormat, locale(context), {
    month: 'long',
    year: 'numeric',
    timeZone: 'UTC',
  }).format(new Date(`${isoMonth}-01T00:00:00Z`));
}

/** The page's own locale where it is of the language that is spoken: days are written its way. */
export function locale({ language }: Pick<Tongue, 'language'>): string {
  const own = document.documentElement.lang;
  return own.split('-')[0] === language.split('-')[0] ? own : language;
}

/** So long ago, as the language says it. */
export function ago(context: Tongue, n: number, unit: string): string {
  return intl(Intl.RelativeTimeFormat, locale(context), { numeric: 'auto' }).format(
    -n,
    unit as Intl.RelativeTimeFormatUnit,
  );
}

/** A country's flag, as the signs of its code (Unicode, regional indicators). */
export function flag(code: string): string {
  return String.fromCodePoint(...[...code].map((letter) => 0x1f1a5 + letter.charCodeAt(0)));
}

/** A country's name in the language. */
export function country(context: Tongue, code: string): string {
  return intl(Intl.DisplayNames, locale(context), { type: 'region' }).of(code) ?? code;
}

/** The name of the language itself, in it. */
export function languageName(context: Tongue): string {
  return intl(Intl.DisplayNames, locale(context), { type: 'language' }).of(context.language) ?? '';
}
