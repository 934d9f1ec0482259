import { intl } from '../shared/formats';
import { el } from '../../script/lib/create-element';
import type { Wall } from '../../script/lib/response-types';
import { figured, locale, say, sayCount } from '../shared/text';
import type { ViewContext } from '../shared/view';

/** With fewer reviews than this their spread says nothing. */
export const SPREAD_FROM = 5;

const STARS = [5, 4, 3, 2, 1];

/** What is in one part of the ribbon: a part and its label are one thing to press. */
export const part = (star: number, content: Wall, context: ViewContext): Node[] => [
  el(
    'span',
    { class: 'label' },
    ...figured(context, 'spread', count(content, star), {
      stars: sayCount(context, 'stars', star),
    }),
  ),
];

const count = (content: Wall, star: number) => content.counts[star - 1] ?? 0;

/** The spread of the stars as one band in five parts, each as wide as its share. */
export function ribbon(content: Wall, context: ViewContext, parts: HTMLElement[]): HTMLElement {
  const band = el('ul', { class: 'ribbon' });
  parts.forEach((button, index) => {
    const n = count(content, STARS[index] ?? 1);
    button.toggleAttribute('disabled', n === 0);
    const item = el('li', {}, button);
    item.style.flexGrow = String(n);
    band.append(item);
  });
  // their room is kept from the start, so that nothing moves when they find their places
  void import('./ribbon-labels').then(
    ({ placeLabels }) => placeLabels(band),
    () => band.setAttribute('data-placed', ''),
  );
  return el('div', { class: 'spread' }, band, table(content, context));
}

/** The same to read as a table. */
function table(content: Wall, context: ViewContext): HTMLElement {
  return el(
    'table',
    { class: 'unseen' },
    el('caption', {}, say(context, 'spreadName')),
    ...STARS.map((star) =>
      el(
        'tr',
        {},
        el('th', { scope: 'row' }, sayCount(context, 'stars', star)),
        el('td', {}, sayCount(context, 'share', count(content, star))),
        el('td', {}, percent(context, content.percentages[star - 1] ?? 0)),
      ),
    ),
  );
}

const percent = (context: ViewContext, share: number) =>
  intl(Intl.NumberFormat, locale(context), { style: 'percent' }).format(share / 100);
