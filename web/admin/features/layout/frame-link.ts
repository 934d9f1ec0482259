import { useCallback, useEffect, useRef, useState, type RefObject } from 'react';

/** What the shop's page says of itself and of the nods on it. */
export interface PageReport {
  context: { kind: string; products: string[]; variant?: string } | undefined;
  /** the shop's key in its line of script */
  shop: string;
  nods: { nod: string; product: string; spot: string; placed: boolean }[];
  /** the spots that the page is marked with, in page order */
  spots: string[];
  /** the nods in the order of the numbers that are pinned on them */
  order: string[];
}

/** A place that was clicked in the page. */
export interface Pointed {
  selector: string;
  side: 'before' | 'after' | 'inside';
  matches: number;
  products: number;
  text: string;
  /** a selector for it and all that are like it, where there are some */
  like?: string;
}

interface Counted {
  matches: number;
  products: number;
}

export interface Message {
  type: string;
  nod?: string;
  opened?: boolean;
  selector?: string;
  scale?: number;
}

type Heard = Message & PageReport & Pointed & { values?: Record<string, string> };

export type Frames = ReturnType<typeof useFrames>;

/** Talks to the pages in the frames: hears what they show, tells them to draw again or to point out. */
export function useFrames(
  origin: string | undefined,
  page: string | undefined,
  frames: RefObject<Map<string, HTMLIFrameElement>>,
  onPick: (nod: string) => void,
) {
  const [heard, setHeard] = useState<{ of: string | undefined; report: PageReport } | undefined>();
  const [hovered, setHovered] = useState<string | undefined>();
  const [pointed, setPointed] = useState<Pointed | undefined>();
  const [counted, setCounted] = useState<Counted | undefined>();
  // a frame that has not spoken yet still holds an empty page of another origin
  const spoken = useRef(new WeakMap<object, string>());
  // what a frame draws first may have been asked for before the newest change
  const missed = useRef(new WeakSet<object>());
  // a frame that speaks later hears of it then
  const isPointing = useRef(false);
  const onPointed = useRef<((pointed: Pointed) => void) | undefined>(undefined);
  const brand = useRef<((values: Record<string, string>) => void) | undefined>(undefined);
  const pick = useRef(onPick);
  useEffect(() => {
    pick.current = onPick;
  });
  useEffect(() => {
    if (!origin) return;
    const hear = (event: MessageEvent<unknown>) => {
      const known = [...frames.current.values()].some(
        (frame) => frame.contentWindow === event.source,
      );
      if (event.origin !== origin || !known || !event.source) return;
      const isNew = spoken.current.get(event.source) !== origin;
      const missing = [
        isNew && isPointing.current && { type: 'nodyes-point' },
        missed.current.delete(event.source) && { type: 'nodyes-refresh' },
      ];
      spoken.current.set(event.source, origin);
      for (const one of missing) if (one) (event.source as Window).postMessage(one, origin);
      const message = event.data as Heard;
      if (message.type === 'nodyes-hears') tellScales(frames.current, spoken.current, origin);
      if (message.type === 'nodyes-page')
        setHeard({
          of: page,
          report: {
            context: message.context,
            shop: message.shop,
            nods: message.nods,
            spots: message.spots,
            order: [],
          },
        });
      if (message.type === 'nodyes-order')
        setHeard(
          (before) => before && { ...before, report: { ...before.report, order: message.order } },
        );
      if (message.type === 'nodyes-pick' && message.nod) {
        pick.current(message.nod);
        tellAll(frames.current, spoken.current, origin, { type: 'nodyes-mark', nod: message.nod });
      }
      if (message.type === 'nodyes-hover') setHovered(message.nod);
      if (message.type === 'nodyes-pointed') {
        isPointing.current = false;
        setPointed(message);
        onPointed.current?.(message);
        tellAll(frames.current, spoken.current, origin, { type: 'nodyes-stop' });
      }
      if (message.type === 'nodyes-counted') setCounted(message);
      if (message.type === 'nodyes-brand' && message.values) brand.current?.(message.values);
    };
    window.addEventListener('message', hear);
    return () => window.removeEventListener('message', hear);
  }, [origin, page, frames]);
  const tell = useCallback(
    (message: Message) => {
      if (!origin) return;
      if (message.type === 'nodyes-refresh')
        frames.current.forEach(({ contentWindow }) => {
          if (contentWindow && spoken.current.get(contentWindow) !== origin)
            missed.current.add(contentWindow);
        });
      tellAll(frames.current, spoken.current, origin, message);
    },
    [origin, frames],
  );
  return {
    // what another page said is over
    report: heard?.of === page ? heard?.report : undefined,
    /** the nod whose pin the pointer or the keyboard is on */
    hovered,
    pointed,
    counted,
    tell,
    refresh: () => tell({ type: 'nodyes-refresh' }),
    mark: (nod: string | undefined) =>
      tell(nod ? { type: 'nodyes-mark', nod } : { type: 'nodyes-mark' }),
    /** Tells each page how large it is drawn, so that what is pinned on it can be read. */
    scaled: useCallback(() => {
      if (origin) tellScales(frames.current, spoken.current, origin);
    }, [origin, frames]),
    /** Brings a nod into sight in every frame. */
    show: (nod: string) => tell({ type: 'nodyes-mark', nod, opened: true }),
    startPointing: (take?: (pointed: Pointed) => void) => {
      setPointed(undefined);
      isPointing.current = true;
      onPointed.current = take;
      tell({ type: 'nodyes-point' });
    },
    stopPointing: () => {
      isPointing.current = false;
      tell({ type: 'nodyes-stop' });
    },
    countMatches: (selector: string) => tell({ type: 'nodyes-count', selector }),
    /** Asks the page what it is drawn in. */
    readBrand: (take: (values: Record<string, string>) => void) => {
      brand.current = take;
      tell({ type: 'nodyes-brand' });
    },
  };
}

function tellScales(
  frames: Map<string, HTMLIFrameElement>,
  spoken: WeakMap<object, string>,
  origin: string,
): void {
  frames.forEach((frame, name) => {
    const scale = frame.getBoundingClientRect().width / frame.offsetWidth;
    tellAll(new Map([[name, frame]]), spoken, origin, { type: 'nodyes-scale', scale });
  });
}

function tellAll(
  frames: Map<string, HTMLIFrameElement>,
  spoken: WeakMap<object, string>,
  origin: string,
  message: Message,
): void {
  frames.forEach(({ contentWindow }) => {
    if (contentWindow && spoken.get(contentWindow) === origin)
      contentWindow.postMessage(message, origin);
  });
}
