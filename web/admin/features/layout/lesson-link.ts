import { useCallback, useEffect, useRef, useState, type RefObject } from 'react';
import type { Frames, Message } from './frame-link';

/** A card of the page: a product's, or one that looks like it. */
export interface TaughtCard {
  n: number;
  state: 'found' | 'unknown' | 'left-out' | 'no-product';
  /** what names its product on the page */
  name: string;
  product?: string;
  text: string;
  link: string;
  /** the standard spots that it has */
  spots: string[];
  /** one for it alone */
  selector: string;
}

/** What the page has that nods stand beside. */
export interface Taught {
  /** the page says by marks what it is: they go before what was pointed at */
  isMarked: boolean;
  cards: TaughtCard[];
  landmarks: { landmark: string; text: string }[];
}

/** What the page says of its cards, in the owner's language. */
export interface LessonWords {
  card: string;
  states: Record<TaughtCard['state'], string>;
}

interface Said extends Message {
  words: LessonWords;
  card?: number;
}

type Heard = Message & Taught & { card?: number };

export type Lesson = ReturnType<typeof useLesson>;

/** Has the page in the frame draw what is known of it, and hears what that is. */
export function useLesson(
  origin: string,
  page: string | undefined,
  frames: RefObject<Map<string, HTMLIFrameElement>>,
  { tell }: Pick<Frames, 'tell'>,
) {
  const [heard, setHeard] = useState<{ of: string | undefined; taught: Taught } | undefined>();
  const [card, setCard] = useState<number | undefined>();
  const lesson = useRef<Said | undefined>(undefined);
  useEffect(() => {
    const hear = (event: MessageEvent<unknown>) => {
      const known = [...frames.current.values()].some(
        (frame) => frame.contentWindow === event.source,
      );
      if (event.origin !== origin || !known) return;
      const message = event.data as Heard;
      if (message.type === 'nodyes-hears' && lesson.current) tell(lesson.current);
      if (message.type === 'nodyes-taught') {
        const { isMarked, cards, landmarks } = message;
        setHeard({ of: page, taught: { isMarked, cards, landmarks } });
      }
      if (message.type === 'nodyes-card') setCard(message.card);
    };
    window.addEventListener('message', hear);
    return () => window.removeEventListener('message', hear);
  }, [origin, page, frames, tell]);
  return {
    // what another page said is over
    taught: heard?.of === page ? heard?.taught : undefined,
    /** the card that was chosen, here or by pressing it there */
    card,
    chooseCard: setCard,
    teach: useCallback(
      (words: LessonWords, chosen: number | undefined) => {
        lesson.current = {
          type: 'nodyes-teach',
          words,
          ...(chosen === undefined ? {} : { card: chosen }),
        };
        tell(lesson.current);
      },
      [tell],
    ),
  };
}
