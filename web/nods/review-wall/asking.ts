import type { Wall } from '../../script/lib/response-types';
import type { Order, Wanted } from '../shared/view';

/** What a reader of a wall asked for, and what is on the page. */
export interface Asking {
  wanted: Wanted;
  shown: Wanted;
  /** the number of the last question: answers to earlier ones are not heard */
  asked: number;
}

export type AskAct =
  | { type: 'asked'; wanted: Wanted }
  | { type: 'answered'; of: number }
  | { type: 'failed'; of: number };

/** All that there are, in the order that a wall begins with. */
export function everything({ shape, ago }: Pick<Wall, 'shape' | 'ago'>): Wanted {
  return {
    page: 1,
    order: shape.order.toUpperCase().replace('-', '_') as Order,
    stars: [],
    pictured: false,
    bought: false,
    language: undefined,
    variant: undefined,
    words: '',
    ago,
  };
}

export const askingFor = (all: Wanted): Asking => ({ wanted: all, shown: all, asked: 0 });

/** What follows; the very same where an answer comes too late to be heard. */
export function asksAfter(state: Asking, act: AskAct): Asking {
  if (act.type === 'asked') return { ...state, wanted: act.wanted, asked: state.asked + 1 };
  if (act.of !== state.asked) return state;
  // after a failure, what is pressed is what is seen
  return act.type === 'answered'
    ? { ...state, shown: state.wanted }
    : { ...state, wanted: state.shown };
}

/** Whether nothing is left out, whatever the order and the page. */
export const isAll = (wanted: Wanted, all: Wanted) =>
  JSON.stringify({ ...wanted, page: 1, order: all.order }) === JSON.stringify(all);
