import { el } from '../../script/lib/el';
import type { Wall } from '../../script/page/answer';
import { stars } from '../draw/stars';
import { number, say, sayCount } from '../draw/words';
import type { ViewContext } from '../view';

/** What all reviews say: mean, histogram, and single things where they were rated. */
export function summary(content: Wall, context: ViewContext, bars: HTMLElement[]): HTMLElement {
  const mean = number(context, content.mean, 1);
  const { compact } = content.shape;
  return el(
    'div',
    { class: 'summary' },
    el(
      'div',
      { class: 'mean' },
      el('strong', { 'aria-hidden': 'true' }, mean),
      stars(content.drawn, say(context, 'rated', { mean })),
      el('span', { class: 'soft' }, sayCount(context, 'from', content.count)),
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
    !compact && el('ul', { class: 'histogram' }, ...bars.map((bar) => el('li', {}, bar))),
    !compact && content.criteria && criteria(content.criteria, context),
    content.sharedWith &&
      el(
        'p',
        { class: 'soft' },
        say(context, 'shared', {
          products: new Intl.ListFormat(context.language).format(content.sharedWith),
        }),
      ),
  );
}

function criteria(of: NonNullable<Wall['criteria']>, context: ViewContext): HTMLElement {
  return el(
    'ul',
    { class: 'criteria' },
    ...of.map(({ name, mean, drawn, count }) =>
      el(
        'li',
        {},
        el('span', { dir: 'auto' }, name),
        el(
          'span',
          {},
          stars(drawn, say(context, 'criterion', { name, mean: number(context, mean, 1) })),
          ` ${number(context, mean, 1)} (${number(context, count)})`,
        ),
      ),
    ),
  );
}
