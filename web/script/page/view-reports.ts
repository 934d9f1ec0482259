import { guarded } from '../lib/guarded';
import { keptName } from '../lib/random-name';
import type { NumberAsked, ViewNumbers, ViewReport } from '../lib/response-types';
import type { PageContext } from './context';

const EACH = 30_000;
/** A page that is left open says no more after so long. */
const LONGEST = 2 * 3_600_000;
/** What is asked for one after the other goes in one report. */
const TOGETHER = 50;

interface Listener {
  asked: NumberAsked;
  /** where it stands, once it does */
  line: Element;
  hear: (n: number) => void;
}

let listeners: Listener[] = [];
let report: (() => void) | undefined;
let isListening = false;
let waiting: ReturnType<typeof setTimeout> | undefined;

/** A nod wants a number: it comes with the next report, which is soon. */
export function askNumber(asked: NumberAsked, line: Element, hear: Listener['hear']): void {
  listeners.push({ asked, line, hear });
  soon(TOGETHER);
}

function soon(milliseconds: number): void {
  clearTimeout(waiting);
  waiting = setTimeout(() => report?.(), milliseconds);
}

/** Says that the page is seen, again and again while it is; a hidden one is seen by nobody. */
export function reportViews(origin: string, context: PageContext, byOwner: boolean): void {
  const visit = byOwner ? '0'.repeat(32) : keptName(() => sessionStorage, 'nodyes-visit');
  const viewed = context.kind === 'product' && !byOwner ? context.products[0] : undefined;
  const began = performance.now();
  // what was of the page before is gone, whether it was answered or not
  listeners = listeners.filter(({ line }) => line.isConnected);
  report = () => guarded(send);
  const send = async () => {
    if (document.hidden || performance.now() - began > LONGEST) return;
    soon(EACH);
    if (!viewed && listeners.length === 0) return;
    const body: ViewReport = {
      visit,
      ...(viewed ? { viewed } : {}),
      asked: [...new Map(listeners.map(({ asked }) => [JSON.stringify(asked), asked])).values()],
      byOwner,
    };
    // sent as text: a browser asks no leave before it
    const response = await fetch(`${origin}/embed/v1/views`, {
      method: 'POST',
      credentials: 'omit',
      body: JSON.stringify(body),
    });
    if (response.ok) tell((await response.json()) as ViewNumbers);
  };
  if (!isListening)
    document.addEventListener('visibilitychange', () => !document.hidden && soon(TOGETHER));
  isListening = true;
  clearTimeout(waiting);
  report();
}

function tell({ numbers }: ViewNumbers): void {
  for (const { asked, hear } of listeners)
    hear(
      numbers.find(({ product, window }) => product === asked.product && window === asked.window)
        ?.number ?? 0,
    );
}
