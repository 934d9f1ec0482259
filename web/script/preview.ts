import { brandOf, type Brand } from './preview-tools/brand-detection';
import { drawnAt, mark, outline, pin, unpin } from './preview-tools/pins';
import {
  countMatches,
  stopPointing,
  startPointing,
  type Pointed,
} from './preview-tools/spot-picker';
import { drawLesson, endLesson, showCard, type LessonWords } from './preview-tools/lesson-layer';
import { readLesson, type Taught } from './preview-tools/teaching';
import { sign } from './preview-tools/draft-banner';
import type { PageContext } from './page/context';
import type { Located } from './page/located';
import type { Painted } from './render';

/** What a page under the owner's eyes tells the back office. */
export interface PageReport {
  context: PageContext | undefined;
  /** the shop's key in its line of script */
  shop: string;
  nods: Painted[];
}

export interface PreviewModule {
  tell(located: Located, shop: string, nods: Painted[]): void;
  listen(refresh: () => void): void;
  end(): void;
}

const STANDARD = [
  'on-picture',
  'listing-card',
  'above-title',
  'under-title',
  'under-price',
  'above-buy',
  'under-buy',
  'under-picture',
  'under-description',
  'page-end',
];

type Said = { type: string } & Partial<
  PageReport &
    Pointed &
    Brand &
    Taught & {
      nod: string;
      order: string[];
      card: number;
      /** the standard spots that the page has, marked or found */
      spots: string[];
    }
>;

interface Message {
  type?: string;
  nod?: string;
  selector?: string;
  opened?: boolean;
  scale?: number;
  words?: LessonWords;
  card?: number;
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
  let taught = '';
  let words: LessonWords | undefined;
  let chosen: number | undefined;
  let isPointing = false;
  let shown: Located | undefined;
  const number = () => {
    teach();
    const numbered = isBare || words ? [] : pin(pick, hover);
    // one that spoke late, or fell silent, moves the numbers of those behind it
    if (numbered.join(' ') !== order) say({ type: 'nodyes-order', order: numbered });
    order = numbered.join(' ');
  };
  /** What the owner looks at are cards and places then, not nods. */
  const teach = () => {
    if (!words || !shown || isPointing) return;
    const lesson = readLesson(shown, STANDARD);
    drawLesson(lesson, words, chosen, (card) => say({ type: 'nodyes-card', card }));
    const told = JSON.stringify(lesson.taught);
    if (told !== taught) say({ type: 'nodyes-taught', ...lesson.taught });
    taught = told;
    return lesson;
  };
  const hover = (nod: string | undefined) =>
    say(nod ? { type: 'nodyes-hover', nod } : { type: 'nodyes-hover' });
  return {
    tell(located, shop, nods) {
      shown = located;
      const { context } = located;
      say({
        type: 'nodyes-page',
        context: context.kind ? context : undefined,
        shop,
        nods,
        spots: located.spots(STANDARD),
      });
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
        if (message.type === 'nodyes-point') {
          isPointing = true;
          // what is drawn onto the page would be pointed at
          endLesson();
          startPointing((pointed) => say({ type: 'nodyes-pointed', ...pointed }));
        }
        if (message.type === 'nodyes-stop') {
          stopPointing();
          isPointing = false;
          teach();
        }
        if (message.type === 'nodyes-count')
          say({ type: 'nodyes-counted', ...countMatches(message.selector ?? '') });
        if (message.type === 'nodyes-teach') {
          words = message.words;
          chosen = message.card;
          taught = '';
          const lesson = teach();
          if (lesson && chosen !== undefined) showCard(lesson, chosen);
          if (!words) endLesson();
          unpin();
          number();
        }
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
