import { markOf } from '../nods/shared/icons';
import { drawnFrom } from '../nods/shared/drawings';
import { shapeRule } from '../nods/shared/shapes';
import { WALL_ID } from '../nods/shared/anchor';
import { isRightToLeft } from '../nods/shared/text';
import { firm } from './lib/sheet';
import type { AnyNod, Dress } from './lib/response-types';
import type { Drawn } from '../nods/kinds';
import type { ViewContext } from '../nods/shared/view';

/** What a nod draws with, each by its name, its outline or its address. */
interface Drawings {
  shape: string | undefined;
  icon: string | undefined;
}

/** The element that holds one nod: it draws it once and goes without a trace. */
export class NodElement extends HTMLElement {
  /** whether it was on the page: until then it is being drawn */
  stood = false;
  private drawn = '';

  connectedCallback(): void {
    this.stood = true;
  }

  show(
    nod: AnyNod,
    kind: Drawn,
    dress: Dress | undefined,
    drawings: Drawings,
    context: ViewContext,
  ): void {
    const same = JSON.stringify([nod, dress, context.language, context.words]);
    if (same === this.drawn) return;
    this.drawn = same;
    const root = this.shadowRoot ?? this.attachShadow({ mode: 'open' });
    root.adoptedStyleSheets = [...kind.sheets, ...ownSheet(dress, drawings, context.origin)];
    this.lang = context.language;
    this.dir = isRightToLeft(context.language) ? 'rtl' : 'ltr';
    this.dataset['nod'] = nod.id;
    this.dataset['product'] = nod.product;
    this.dataset['kind'] = nod.kind;
    this.dataset['spot'] = nod.spot;
    this.className = dress?.className ?? '';
    set(this, 'look', dress?.look);
    kind.host?.(this, nod as never);
    set(this, 'entrance', dress?.entrance);
    set(this, 'screens', dress?.screens);
    if (nod.kind === 'review-wall') this.id = WALL_ID;
    const drawing = drawings.icon ? [markOf(drawings.icon)] : [];
    drawing[0]?.classList.add('before');
    root.replaceChildren(...drawing, kind.view(nod as never, context));
  }
}

function set(element: HTMLElement, name: string, value: string | undefined): void {
  if (value) element.dataset[name] = value;
  else delete element.dataset[name];
}

/** The owner's values and rules; they stand in the nod's own tree and reach nothing else. */
function ownSheet(dress: Dress | undefined, drawings: Drawings, origin: string): CSSStyleSheet[] {
  const rules = drawnFrom(origin, shapeRule(drawings.shape ?? '')) + (dress?.css ?? '');
  if (!rules) return [];
  return [firm(rules)];
}

export const TAG = 'nod-yes';

/** Registers the element once, also where two scripts stand on a page. */
export function registerNodElement(): void {
  if (!customElements.get(TAG)) customElements.define(TAG, NodElement);
}
