import { el } from '../../script/lib/create-element';
import type { VisitorCountNod } from '../../script/lib/response-types';
import { figured } from '../shared/text';
import type { ViewContext } from '../shared/view';

/** How many looked; its line is there before the number is, so that nothing moves. */
export function visitorCount(nod: VisitorCountNod, context: ViewContext): Node {
  const mark = el('i', { class: 'mark', 'aria-hidden': 'true' });
  const words = el('span');
  const line = el('p', { class: 'visitors' }, mark, words);
  let shown = 0;
  context.number(nod, line, (n) => {
    (line.getRootNode() as ShadowRoot).host?.toggleAttribute('data-silent', n === 0);
    if (n === 0 || n === shown) return;
    shown = n;
    words.replaceChildren(...figured(context, nod.window.toLowerCase(), n));
    mark.replaceWith(mark.cloneNode());
  });
  return line;
}
