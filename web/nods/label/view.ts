import { intl } from '../shared/formats';
import { el } from '../../script/lib/create-element';
import type { LabelNod } from '../../script/lib/response-types';
import { locale, country, day, number, say, sayCount } from '../shared/text';
import type { Tongue, ViewContext } from '../shared/view';

export type LabelValue = LabelNod['content']['values'][string];

/** How a label looks that has no look of its own. */
const LOOKS: Record<string, string> = {
  'price-drop-label': 'leaf-tag',
  'bestseller-label': 'stamp',
  'new-label': 'seed-tag',
  'low-stock-label': 'plain-words',
  'sold-out-label': 'patch',
  'back-on-label': 'patch',
  'own-label': 'plain-words',
};

/** Its claim, shape, turn and opacity are those of all of it, ground and drawing too. */
export function labelHost(element: HTMLElement, { claim, content }: LabelNod): void {
  element.dataset['claim'] = claim;
  element.dataset['look'] ??= LOOKS[claim] ?? 'plain-words';
  element.style.rotate = content.turn ? `${content.turn}deg` : '';
  element.style.opacity = content.opacity ? `${content.opacity / 100}` : '';
}

/** A few words about the product; where its drawing says them, they are there to be heard. */
export function label(nod: LabelNod, context: ViewContext): Node {
  const { word, values, bare } = nod.content;
  const said = Object.fromEntries(
    Object.entries(values).map(([name, value]) => [name, written(context, value)]),
  );
  const counts = typeof context.words[word] === 'object';
  const stock = values['stock']?.number ?? 0;
  const text = counts ? sayCount(context, word, stock, said) : say(context, word, said);
  return el('p', { class: bare ? 'unseen' : 'words' }, text);
}

/** A value as the language writes it. */
export function written(context: Tongue, value: LabelValue): string {
  const { language } = context;
  if (value.percent !== undefined)
    return intl(Intl.NumberFormat, language, { style: 'percent' }).format(value.percent / 100);
  if (value.amount !== undefined && value.currency)
    return intl(Intl.NumberFormat, language, {
      style: 'currency',
      currency: value.currency,
      ...(Number.isInteger(value.amount) ? { minimumFractionDigits: 0 } : {}),
    }).format(value.amount);
  if (value.day) return soon(context, value.day);
  if (value.country) return country(context, value.country);
  if (value.number !== undefined)
    return number(context, value.number, Number.isInteger(value.number) ? 0 : 1);
  return value.text ?? '';
}

/** A day of the next months; its year is said where it is another one. */
function soon(context: Tongue, isoDay: string): string {
  const at = new Date(`${isoDay}T00:00:00Z`);
  const now = context.now?.() ?? Date.now();
  if (at.getUTCFullYear() !== new Date(now).getUTCFullYear()) {
    const months = (at.getTime() - now) / 2_629_800_000;
    if (months > 6) return day(context, isoDay);
  }
  return intl(Intl.DateTimeFormat, locale(context), {
    day: 'numeric',
    month: 'long',
    timeZone: 'UTC',
  }).format(at);
}
