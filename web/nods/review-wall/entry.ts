import { el } from '../../script/lib/el';
import type { Review } from '../../script/page/answer';
import { icon } from '../draw/icons';
import { stars } from '../draw/stars';
import { country, day, number, say } from '../draw/words';
import type { ViewContext } from '../view';
import { pictures } from './pictures';
import { votes } from './votes';

/** One review; where it is from always stands under it. */
export function entry(review: Review, context: ViewContext): HTMLElement {
  const own = { lang: review.language, dir: 'auto' };
  const mean = number(context, review.stars, review.stars % 1 ? 1 : 0);
  return el(
    'li',
    {},
    el(
      'article',
      { class: review.pictures ? 'entry pictured' : 'entry' },
      el(
        'p',
        { class: 'by' },
        stars(review.stars, say(context, 'rated', { mean })),
        el('b', { dir: 'auto' }, review.reviewer ?? say(context, 'someone')),
        review.country && el('span', {}, country(context, review.country)),
        review.writtenOn &&
          el('time', { datetime: review.writtenOn, class: 'soft' }, day(context, review.writtenOn)),
      ),
      review.title && el('h3', own, review.title),
      review.words && el('p', { ...own, class: 'words' }, review.words),
      review.reply &&
        el(
          'p',
          { class: 'reply', dir: 'auto' },
          el('b', {}, say(context, 'reply')),
          ` ${review.reply}`,
        ),
      el(
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
      ),
      review.pictures && pictures(review.pictures, context),
    ),
  );
}
