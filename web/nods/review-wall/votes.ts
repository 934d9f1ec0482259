import { el } from '../../script/lib/create-element';
import type { Review } from '../../script/lib/response-types';
import { say } from '../shared/text';
import type { Says } from '../shared/view';
import type { WallContext } from './reader';

const KEY = 'nodyes-votes';
type Cast = Record<string, Says>;

/** Whether a review helped: one vote to a shopper, to be changed or taken away by pressing again. */
export function votes(review: Review, context: WallContext): HTMLElement {
  let cast = castBefore()[review.id] ?? 'NOTHING';
  const status = el('span', { role: 'status' });
  const button = (says: Says) =>
    el('button', {
      type: 'button',
      class: 'chip',
      disabled: !context.vote,
      click: () => void vote(cast === says ? 'NOTHING' : says),
    });
  const yes = button('HELPFUL');
  const no = button('NOT_HELPFUL');
  const show = (helpful: number, notHelpful: number) => {
    yes.textContent = say(context, 'yes', { n: helpful });
    no.textContent = say(context, 'no', { n: notHelpful });
    yes.setAttribute('aria-pressed', String(cast === 'HELPFUL'));
    no.setAttribute('aria-pressed', String(cast === 'NOT_HELPFUL'));
  };
  const vote = async (says: Says) => {
    try {
      const counts = await context.vote?.(review.id, says);
      if (!counts) return;
      cast = says;
      keep(review.id, says);
      status.textContent = '';
      show(counts.helpful, counts.notHelpful);
    } catch {
      status.textContent = say(context, 'failed');
    }
  };
  show(review.helpful, review.notHelpful);
  return el('p', { class: 'votes' }, el('span', {}, say(context, 'helpful')), yes, no, status);
}

function castBefore(): Cast {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? '{}') as Cast;
  } catch {
    return {};
  }
}

function keep(review: number, says: Says): void {
  try {
    localStorage.setItem(KEY, JSON.stringify({ ...castBefore(), [review]: says }));
  } catch {
    // without storage the vote is shown on this page alone
  }
}
