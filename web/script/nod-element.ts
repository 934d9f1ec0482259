import { views } from '../nods/views';
import { nodSheet } from '../nods/draw/sheet';
import { WALL_ID } from '../nods/review-wall/anchor';
import type { AnyNod } from './page/answer';
import type { ViewContext } from '../nods/view';

/** The element that holds one nod: it draws it once and goes without a trace. */
export class NodElement extends HTMLElement {
  show(nod: AnyNod, context: ViewContext): void {
    const root = this.shadowRoot ?? this.attachShadow({ mode: 'open' });
    root.adoptedStyleSheets = [nodSheet()];
    this.lang = context.language;
    this.dir = new Intl.Locale(context.language).maximize().script === 'Arab' ? 'rtl' : 'ltr';
    this.dataset['nod'] = nod.id;
    this.dataset['product'] = nod.product;
    this.style.display = 'block';
    if (nod.kind === 'review-wall') this.id = WALL_ID;
    root.replaceChildren(views[nod.kind](nod as never, context));
  }
}

export const TAG = 'nod-yes';

/** Registers the element once, also where two scripts stand on a page. */
export function registerNodElement(): void {
  if (!customElements.get(TAG)) customElements.define(TAG, NodElement);
}
