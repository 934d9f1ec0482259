import type { Review } from '../../script/lib/response-types';
import { languageName, say } from '../shared/text';
import type { WallContext } from './reader';

/** What a review is read in, and what is said of its language. */
interface Parts {
  title: HTMLElement | undefined;
  words: HTMLElement | undefined;
  note: HTMLElement;
  button: HTMLElement;
}

const translated = new WeakSet<HTMLElement>();

/** Shows a review in the reader's language, or as it was written again. */
export async function toggle(review: Review, parts: Parts, context: WallContext): Promise<void> {
  const { title, words, note, button } = parts;
  const show = (lang: string | undefined, of: { title?: string; words?: string }) => {
    put(title, of.title, lang);
    put(words, of.words, lang);
  };
  if (translated.delete(button)) {
    show(review.language, review);
    note.textContent = '';
    button.textContent = say(context, 'translate', { language: languageName(context) });
    return;
  }
  try {
    show(context.language, await context.translate(review.id));
    note.textContent = `${say(context, 'byMachine')} `;
    button.textContent = say(context, 'original');
    translated.add(button);
  } catch {
    note.textContent = `${say(context, 'translateFailed')} `;
  }
}

function put(
  element: HTMLElement | undefined,
  text: string | undefined,
  lang: string | undefined,
): void {
  if (!element || text === undefined) return;
  element.textContent = text;
  element.lang = lang ?? '';
}
