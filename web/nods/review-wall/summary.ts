import { intl } from '../shared/formats';
import { el } from '../../script/lib/create-element';
import type { Wall } from '../../script/lib/response-types';
import { stars } from '../shared/stars';
import { locale, number, say, sayCount } from '../shared/text';
import type { ViewContext } from '../shared/view';
import { ribbon, SPREAD_FROM } from './ribbon';

/** What all reviews say: the average, the spread, and single aspects where they were rated. */
export function summary(content: Wall, context: ViewContext, parts: HTMLElement[]): HTMLElement {
  const mean = number(context, content.mean, 1);
  const { compact } = content.shape;
  return el(
    'div',
    { class: 'summary' },
    el(
      'div',
      { class: 'mean' },
      el(
        'p',
        { class: 'average' },
        stars(content.drawn, say(context, 'rated', { mean })),
        el('span', {}, sayCount(context, 'average', content.count, { mean })),
      ),
      el('p', { class: 'soft' }, sayCount(context, 'checked', content.verified)),
      content.marked &&
        el(
          'p',
          { class: 'soft' },
          sayCount(context, 'marked', content.marked.count, {
            mean: number(context, content.marked.mean, 1),
          }),
        ),
      content.sharedWith &&
        el(
          'p',
          { class: 'soft' },
          say(context, 'shared', {
            products: intl(Intl.ListFormat, locale(context), {}).format(content.sharedWith),
          }),
        ),
    ),
    !compact && content.criteria && aspects(content.criteria, context),
    !compact && content.count >= SPREAD_FROM && ribbon(content, context, parts),
  );
}

/** Each as a dot on the line from 1 to 5. */
function aspects(of: NonNullable<Wall['criteria']>, context: ViewContext): HTMLElement {
  return el(
    'ul',
    { class: 'criteria' },
    ...of.map(({ name, mean, count }) => {
      const line = el('i', { 'aria-hidden': 'true' });
      line.style.setProperty('--at', String((mean - 1) / 4));
      return el(
        'li',
        {},
        el('b', { dir: 'auto' }, name),
        line,
        el(
          'span',
          { class: 'soft' },
          sayCount(context, 'aspect', count, { mean: number(context, mean, 1) }),
        ),
      );
    }),
  );
}
