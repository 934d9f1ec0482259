import { selectorOf, selectorOfLike } from './selector';

export type Side = 'before' | 'after' | 'inside';

/** A place that the owner clicked. */
export interface Pointed {
  selector: string;
  side: Side;
  /** how many places of this page the selector matches, and how many products it names */
  matches: number;
  products: number;
  /** the start of what stands there */
  text: string;
  /** a selector for it and all that are like it, where there are some */
  like?: string;
}

const LAYER = 'nodyes-pointing';
const LONGEST_TEXT = 60;

let stop: (() => void) | undefined;

/** Lets the owner move over the page, draws the place that would be taken, and hands on a click. */
export function startPointing(onPointed: (pointed: Pointed) => void): void {
  stopPointing();
  const layer = document.createElement('div');
  layer.id = LAYER;
  layer.style.cssText =
    'position:fixed;z-index:2147483600;pointer-events:none;background:rgb(106 44 90/.16);' +
    'border:0 solid #6A2C5A;transition:all .12s';
  document.body.append(layer);
  let at: { element: Element; side: Side } | undefined;

  const show = (element: Element, side: Side) => {
    at = { element, side };
    const box = element.getBoundingClientRect();
    layer.style.left = `${box.left}px`;
    layer.style.top = `${box.top}px`;
    layer.style.width = `${box.width}px`;
    layer.style.height = `${box.height}px`;
    layer.style.borderWidth = side === 'before' ? '4px 0 0' : side === 'after' ? '0 0 4px' : '2px';
  };
  const move = (event: PointerEvent) => {
    const element = document.elementFromPoint(event.clientX, event.clientY);
    if (!element || !isPlace(element)) return;
    const box = element.getBoundingClientRect();
    const share = (event.clientY - box.top) / Math.max(1, box.height);
    show(element, share < 0.34 ? 'before' : share > 0.66 ? 'after' : 'inside');
  };
  const take = (event: Event) => {
    event.preventDefault();
    event.stopPropagation();
    if (!at) return;
    const { element, side } = at;
    stopPointing();
    const selector = selectorOf(element);
    const text = (element.textContent ?? '').trim().slice(0, LONGEST_TEXT);
    const like = selectorOfLike(element);
    onPointed({ selector, side, text, ...countMatches(selector), ...(like ? { like } : {}) });
  };
  const key = (event: KeyboardEvent) => {
    const now = at?.element ?? document.querySelector('main') ?? document.body.firstElementChild;
    const steps: Record<string, Element | null | undefined> = {
      ArrowUp: now?.parentElement,
      ArrowDown: now?.firstElementChild,
      ArrowLeft: now?.previousElementSibling,
      ArrowRight: now?.nextElementSibling,
    };
    if (event.key === 'Escape') stopPointing();
    else if (event.key === 'Enter') take(event);
    else if (event.key in steps) {
      const next = steps[event.key];
      if (next && isPlace(next)) {
        next.scrollIntoView({ block: 'nearest' });
        show(next, at?.side ?? 'after');
      }
    } else if (event.key === ' ' && at) {
      show(at.element, at.side === 'before' ? 'inside' : at.side === 'inside' ? 'after' : 'before');
    } else return;
    event.preventDefault();
  };
  window.addEventListener('pointermove', move, true);
  window.addEventListener('click', take, true);
  window.addEventListener('keydown', key, true);
  window.focus();
  // the pointer may rest on the page already, and says nothing until it moves
  const under = [...document.querySelectorAll(':hover')].at(-1);
  if (under && isPlace(under)) show(under, 'inside');
  stop = () => {
    layer.remove();
    window.removeEventListener('pointermove', move, true);
    window.removeEventListener('click', take, true);
    window.removeEventListener('keydown', key, true);
  };
}

/** Ends it without a place. */
export function stopPointing(): void {
  stop?.();
  stop = undefined;
}

function isPlace(element: Element): boolean {
  return (
    element !== document.body &&
    element !== document.documentElement &&
    !element.closest('#nodyes-pins, nod-yes')
  );
}

/** How many places of the page a selector matches; none for one that cannot be read. */
export function countMatches(selector: string): { matches: number; products: number } {
  const products = document.querySelectorAll('[data-nod-product]').length;
  try {
    return { matches: document.querySelectorAll(selector).length, products };
  } catch {
    return { matches: -1, products };
  }
}
