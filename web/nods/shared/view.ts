import type { NumberAsked } from '../../script/lib/response-types';

/** Which reviews a reader asks for; what is not said takes all. */
export interface Wanted {
  page: number;
  order: Order;
  stars: number[];
  pictured: boolean;
  bought: boolean;
  language: string | undefined;
  variant: string | undefined;
  words: string;
  /** whether days are told as so long ago */
  ago: boolean;
}

export type Order = 'NEWEST' | 'MOST_HELPFUL' | 'HIGHEST' | 'LOWEST' | 'PICTURES_FIRST';

export type Says = 'HELPFUL' | 'NOT_HELPFUL' | 'NOTHING';

/** What words are said in. */
export interface Tongue {
  language: string;
  words: Record<string, unknown>;
  /** the owner's own words over them; those that count by name and plural form */
  own: Record<string, string>;
  /** the moment by the server's clock, in milliseconds; the machine's where there is no page */
  now?: () => number;
}

/** What a view gets beside its content: words in the shopper's language, and a way to ask for more. */
export interface ViewContext extends Tongue {
  /** the arrow that leads on and back, by its name or address; words where there is none */
  arrow?: string | undefined;
  /** the moment by the server's clock, in milliseconds; a shopper's own is never trusted */
  now: () => number;
  /** hears how many look at the product, now and whenever that is asked anew; 0 is silence */
  number: (
    asked: Pick<NumberAsked, 'window' | 'quietUnder'>,
    line: Element,
    hear: (n: number) => void,
  ) => void;
  /** where the product's reviews are: on this page, or on its own; nothing where no link can be */
  reviewsAt?: () => string | undefined;
  /** whether the owner looks at it: then nothing is kept */
  isLookedAt: boolean;
  /** takes another country for the shopper's */
  choose?: ((country: string) => void) | undefined;
  /** where the server's own addresses begin */
  origin: string;
  /** puts the form into an element */
  form: (host: HTMLElement) => Promise<void>;
  /** words of another kind of nod */
  wordsOf: (kind: string) => Record<string, unknown>;
}
