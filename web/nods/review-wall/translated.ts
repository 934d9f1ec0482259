import { el } from '../../script/lib/el';
import type { Review } from '../../script/page/answer';
import { languageName, say } from '../draw/words';
import type { ViewContext } from '../view';

/** A way to read a review in the reader's language, and its original again. */
export function translated(
  review: Review,
  title: HTMLElement | undefined,
  words: HTMLElement | undefined,
  context: ViewContext,
): HTMLElement {
  const offer = say(context, 'translate', { language: languageName(context) });
  const note = el('span', { role: 'status' });
  const button = el(
    'button',
    { type: 'button', class: 'plain', click: () => void toggle() },
    offer,
  );
  let isTranslated = false;
  const show = (lang: string | undefined, [newTitle, newWords]: (string | undefined)[]) => {
    put(title, newTitle, lang);
    put(words, newWords, lang);
  };
  const toggle = async () => {
    if (isTranslated) {
      show(review.language, [review.title, review.words]);
      note.textContent = '';
      button.textContent = offer;
      isTranslated = false;
      return;
    }
    try {
      const made = await context.translate(review.id);
      show(context.language, [made.title, made.words]);
      note.textContent = `${say(context, 'byMachine')} `;
      button.textContent = say(context, 'original');
      isTranslated = true;
    } catch {
      note.textContent = `${say(context, 'translateFailed')} `;
    }
  };
  return el('p', { class: 'soft' }, note, button);
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
