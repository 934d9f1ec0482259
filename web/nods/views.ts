import type { AnyNod } from '../script/page/answer';
import type { ViewContext } from './view';
import { starLine } from './star-line/view';
import { reviewWall } from './review-wall/view';

/** One view to each kind of nod; the compiler asks for a missing one. */
export const views = {
  'star-line': starLine,
  'review-wall': reviewWall,
} satisfies {
  [Kind in AnyNod['kind']]: (nod: Extract<AnyNod, { kind: Kind }>, context: ViewContext) => Node;
};
