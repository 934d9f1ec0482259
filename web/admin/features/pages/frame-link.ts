import { useEffect, useRef, useState, type RefObject } from 'react';

/** What the shop's page says of itself and of the nods on it. */
export interface PageReport {
  context: { kind: string; products: string[]; variant?: string } | undefined;
  nods: { nod: string; product: string; spot: string; placed: boolean }[];
}

interface Message {
  type: string;
  nod?: string;
}

/** Talks to the pages in the frames: hears what they show, tells them to draw again or to point out. */
export function useFrames(
  origin: string | undefined,
  frames: RefObject<Map<string, HTMLIFrameElement>>,
  onPick: (nod: string) => void,
) {
  const [report, setReport] = useState<PageReport | undefined>();
  const pick = useRef(onPick);
  useEffect(() => {
    pick.current = onPick;
  });
  useEffect(() => {
    if (!origin) return;
    const hear = (event: MessageEvent<unknown>) => {
      if (event.origin !== origin) return;
      const message = event.data as Message & PageReport;
      if (message.type === 'nodyes-page')
        setReport({ context: message.context, nods: message.nods });
      if (message.type === 'nodyes-pick' && message.nod) {
        pick.current(message.nod);
        tellAll(frames.current, origin, { type: 'nodyes-mark', nod: message.nod });
      }
    };
    window.addEventListener('message', hear);
    return () => window.removeEventListener('message', hear);
  }, [origin, frames]);
  const tell = (message: Message) => {
    if (!origin) return;
    tellAll(frames.current, origin, message);
  };
  return {
    report,
    forget: () => setReport(undefined),
    refresh: () => tell({ type: 'nodyes-refresh' }),
    mark: (nod: string | undefined) =>
      tell(nod ? { type: 'nodyes-mark', nod } : { type: 'nodyes-mark' }),
  };
}

function tellAll(frames: Map<string, HTMLIFrameElement>, origin: string, message: Message): void {
  frames.forEach((frame) => frame.contentWindow?.postMessage(message, origin));
}
