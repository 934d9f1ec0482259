import type { PageContext } from './context';

/** Where and for what a form is opened. */
export interface FormPlace {
  origin: string;
  product: string;
  language: string;
  /** the owner's own words of the wall, those of the form begin with `form-` */
  own: Record<string, string>;
  /** whether the owner looks at it: then nothing is sent */
  isLookedAt: boolean;
}

/** What the form's file offers. */
export interface FormModule {
  reviewForm: (host: HTMLElement, place: FormPlace) => Promise<void>;
}

/** What the file offers that asks whether to take a review back. */
interface TakeBackModule {
  takeBack: (place: FormPlace, review: string, key: string) => Promise<void>;
}

const TAKE_BACK = /^#nodyes-take-back=(\d+)\.([\w-]+)$/;

/** Loads the form and puts it into an element. */
export async function openForm(host: HTMLElement, place: FormPlace): Promise<void> {
  const form = await load<FormModule>(place.origin, 'review-form');
  await form.reviewForm(host, place);
}

/** Whoever comes by the link of a review that they wrote is asked whether to take it back. */
export async function askToTakeBack(origin: string, context: PageContext): Promise<void> {
  const found = TAKE_BACK.exec(location.hash);
  const [product] = context.products;
  if (!found?.[1] || !found[2] || !product) return;
  const module = await load<TakeBackModule>(origin, 'take-back');
  await module.takeBack(
    { origin, product, language: context.language, own: {}, isLookedAt: false },
    found[1],
    found[2],
  );
}

function load<T>(origin: string, file: string): Promise<T> {
  return import(/* @vite-ignore */ `${origin}/nodyes/${file}.js`) as Promise<T>;
}
