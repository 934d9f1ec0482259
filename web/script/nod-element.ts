import { views } from '../nods/views';
import { icon, isIcon } from '../nods/draw/icons';
import { nodSheet } from '../nods/draw/sheet';
import { shapeRule } from '../nods/draw/shapes';
import { WALL_ID } from '../nods/review-wall/anchor';
import { el } from './lib/el';
import type { AnyNod, Dress } from './page/answer';
import type { ViewContext } from '../nods/view';

/** The element that holds one nod: it draws it once and goes without a trace. */
export class NodElement extends HTMLElement {
  private drawn = '';

  show(nod: AnyNod, dress: Dress | undefined, context: ViewContext): void {
    const same = JSON.stringify([nod, dress, context.language, context.words]);
    if (same === this.drawn) return;
    this.drawn = same;
    const root = this.shadowRoot ?? this.attachShadow({ mode: 'open' });
    root.adoptedStyleSheets = [nodSheet(), ...ownSheet(dress)];
    this.lang = context.language;
    this.dir = new Intl.Locale(context.language).maximize().script === 'Arab' ? 'rtl' : 'ltr';
    this.dataset['nod'] = nod.id;
    this.dataset['product'] = nod.product;
    set(this, 'look', dress?.look);
    set(this, 'entrance', dress?.entrance);
    set(this, 'screens', dress?.screens);
    if (nod.kind === 'review-wall') this.id = WALL_ID;
    const drawing = dress?.icon ? [markOf(dress.icon)] : [];
    root.replaceChildren(...drawing, views[nod.kind](nod as never, context));
  }
}

/** One of our drawings, or an emoji; the words beside it say the same. */
function markOf(name: string): Element {
  const mark = isIcon(name) ? icon(name) : el('span', { class: 'icon', 'aria-hidden': true }, name);
  mark.classList.add('before');
  return mark;
}

function set(element: HTMLElement, name: string, value: string | undefined): void {
  if (value) element.dataset[name] = value;
  else delete element.dataset[name];
}

/** The owner's values and rules; they stand in the nod's own tree and reach nothing else. */
function ownSheet(dress: Dress | undefined): CSSStyleSheet[] {
  const rules = shapeRule(dress?.shape ?? '') + (dress?.css ?? '');
  if (!rules) return [];
  const sheet = new CSSStyleSheet();
  sheet.replaceSync(rules);
  return [sheet];
}

export const TAG = 'nod-yes';

/** Registers the element once, also where two scripts stand on a page. */
export function registerNodElement(): void {
  if (!customElements.get(TAG)) customElements.define(TAG, NodElement);
}
