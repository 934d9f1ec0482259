import { brandOf, type Brand } from './preview-tools/brand-detection';
import { drawnAt, mark, outline, pin } from './preview-tools/pins';
import {
  countMatches,
  stopPointing,
  startPointing,
  type Pointed,
} from './preview-tools/spot-picker';
import { sign } from './preview-tools/draft-banner';
import type { PageContext } from './page/context';
import type { Painted } from './render';

/** What a page under the owner's eyes tells the back office. */
export interface PageReport {
  context: PageContext | undefined;
  /** the shop's key in its line of script */
  shop: string;
  nods: Painted[];
  /** the spots that the page has where they are not marked; else those that it is marked with */
  spots?: string[];
}

export interface PreviewModule {
  tell(report: PageReport): void;
  listen(refresh: () => void): void;
  end(): void;
}

type Said = { type: string } & Partial<
  PageReport & Pointed & Brand & { nod: string; order: string[] }
>;

interface Message {
  type?: string;
  nod?: string;
  selector?: string;
  opened?: boolean;
  scale?: number;
}

/** Talks to the back office, and to it alone, and pins a number on each nod. */
export function preview(origin: string): PreviewModule {
  const framed = window.parent !== window;
  const say = (message: Said) => window.parent.postMessage(message, origin);
  if (!framed)
    return { tell: () => sign('draft'), listen: () => undefined, end: () => sign('ended') };
  const pick = (nod: string) => say({ type: 'nodyes-pick', nod });
  // a page that only shows how one nod reads has no numbers to press
  const isBare = 'nodBare' in document.body.dataset;
  let order = '';
  const number = () => {
    const numbered = isBare ? [] : pin(pick, hover);
    // one that spoke late, or fell silent, moves the numbers of those behind it
    if (numbered.join(' ') !== order) say({ type: 'nodyes-order', order: numbered });
    order = numbered.join(' ');
  };
  const hover = (nod: string | undefined) =>
    say(nod ? { type: 'nodyes-hover', nod } : { type: 'nodyes-hover' });
  return {
    tell(report) {
      say({ type: 'nodyes-page', ...report, spots: report.spots ?? markedSpots() });
      order = '';
      number();
    },
    listen(refresh) {
      window.addEventListener('message', (event: MessageEvent<unknown>) => {
        if (event.origin !== origin) return;
        const message = event.data as Message;
        if (message.type === 'nodyes-refresh') refresh();
        if (message.type === 'nodyes-mark') mark(message.nod, message.opened);
        if (message.type === 'nodyes-scale') {
          drawnAt(message.scale ?? 1);
          number();
        }
        if (message.type === 'nodyes-point')
          startPointing((pointed) => say({ type: 'nodyes-pointed', ...pointed }));
        if (message.type === 'nodyes-stop') stopPointing();
        if (message.type === 'nodyes-count')
          say({ type: 'nodyes-counted', ...countMatches(message.selector ?? '') });
        if (message.type === 'nodyes-brand') say({ type: 'nodyes-brand', ...brandOf() });
      });
      window.addEventListener('hashchange', refresh);
      say({ type: 'nodyes-hears' });
      if (isBare) return;
      window.addEventListener('resize', number);
      new ResizeObserver(number).observe(document.body);
      // a number that comes, or goes, takes a nod's silence
      new MutationObserver(number).observe(document.body, {
        subtree: true,
        attributeFilter: ['data-silent'],
      });
      // clicking a nod opens it; what is in it still works with a second click once it is open
      window.addEventListener(
        'click',
        (event) => {
          const nod = (event.target as Element | null)?.closest<HTMLElement>('nod-yes');
          if (nod?.dataset['nod'] && !event.defaultPrevented) pick(nod.dataset['nod']);
        },
        true,
      );
      outline();
    },
    end() {
      say({ type: 'nodyes-ended' });
    },
  };
}

function markedSpots(): string[] {
  const marks = [...document.querySelectorAll<HTMLElement>('[data-nod-spot]')];
  return [...new Set(marks.map((mark) => mark.dataset['nodSpot'] ?? ''))].filter((name) => name);
}
