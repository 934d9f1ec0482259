import { el } from '../../script/lib/create-element';
import type { Review, Wall } from '../../script/lib/response-types';
import { icon } from '../shared/icons';
import { stars } from '../shared/stars';
import { ago, country, day, flag, month, number, say } from '../shared/text';
import type { WallContext } from './reader';
import { pictures } from './pictures';
import { translated } from './translated';
import { votes } from './votes';

/** As long as what names a month: 2026-11. */
const MONTH = 7;

/** One review; where it is from always stands under it. */
export function entry(review: Review, wall: Wall, context: WallContext): HTMLElement {
  return el(
    'li',
    {},
    el(
      'article',
      { class: review.pictures ? 'entry pictured' : 'entry' },
      by(review, wall, context),
      ...said(review, wall, context),
      points('pros', review.pros, context),
      points('cons', review.cons, context),
      rated(review, wall, context),
      review.reply &&
        el(
          'p',
          { class: 'reply', dir: 'auto' },
          el('b', {}, say(context, 'reply')),
          ` ${review.reply}`,
        ),
      foot(review, context),
      review.pictures && pictures(review.pictures, context),
    ),
  );
}

/** Its stars, who wrote it, where and when. */
function by(review: Review, wall: Wall, context: WallContext): HTMLElement {
  const mean = number(context, review.stars, review.stars % 1 ? 1 : 0);
  return el(
    'p',
    { class: 'by' },
    stars(review.stars, say(context, 'rated', { mean })),
    el('b', { dir: 'auto' }, review.reviewer ?? say(context, 'someone')),
    review.country &&
      el(
        'span',
        {},
        wall.shape.flags &&
          el('span', { class: 'flag', 'aria-hidden': true }, `${flag(review.country)} `),
        country(context, review.country),
      ),
    review.writtenOn &&
      el(
        'time',
        { datetime: review.writtenOn, class: 'soft', title: date(context, review.writtenOn) },
        review.ago ? ago(context, review.ago.n, review.ago.unit) : date(context, review.writtenOn),
      ),
  );
}

/** A day, or a month alone where no more is known. */
function date(context: WallContext, written: string): string {
  return written.length > MONTH
    ? day(context, written)
    : say(context, 'aboutMonth', { month: month(context, written) });
}

/** Where it is from, and whether it helped. */
function foot(review: Review, context: WallContext): HTMLElement {
  return el(
    'div',
    { class: 'foot' },
    el(
      'p',
      { class: 'from' },
      el(
        'span',
        {},
        icon(review.origin === 'verified' ? 'verified' : 'elsewhere'),
        say(context, review.origin),
      ),
      review.featured && el('span', {}, say(context, 'featured')),
      review.variant && el('span', { dir: 'auto' }, review.variant),
      review.incentive && el('span', {}, say(context, 'incentive', { what: review.incentive })),
    ),
    votes(review, context),
  );
}

/** Title and words; in another language than the reader's, with a way to read them in it. */
function said(review: Review, wall: Wall, context: WallContext): (HTMLElement | undefined)[] {
  const own = { lang: review.language, dir: 'auto' };
  const title = review.title ? el('h3', own, review.title) : undefined;
  const words = review.words ? el('p', { ...own, class: 'words' }, review.words) : undefined;
  const spoken = review.language?.split('-')[0];
  const isForeign = !!spoken && spoken !== context.language && (!!title || !!words);
  if (!wall.shape.translated || !isForeign) return [title, words];
  return [title, words, translated(review, title, words, context)];
}

function points(
  name: 'pros' | 'cons',
  lines: string[] | undefined,
  context: WallContext,
): HTMLElement | undefined {
  if (!lines) return undefined;
  return el(
    'p',
    { class: 'points', dir: 'auto' },
    el('span', {}, el('b', {}, say(context, name)), lines.join(' · ')),
  );
}

/** Stars for single things; those whose name is not known any more are left out. */
function rated(review: Review, wall: Wall, context: WallContext): HTMLElement | undefined {
  const named = (review.criteria ?? []).flatMap(({ id, stars: given }) => {
    const name = wall.criteria?.find((criterion) => criterion.id === id)?.name;
    return name ? [{ name, given }] : [];
  });
  if (named.length === 0) return undefined;
  return el(
    'ul',
    { class: 'rated' },
    ...named.map(({ name, given }) =>
      el(
        'li',
        {},
        el('span', { dir: 'auto' }, name),
        stars(given, say(context, 'criterion', { name, mean: number(context, given) })),
      ),
    ),
  );
}
