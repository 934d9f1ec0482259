import { el } from '../../script/lib/create-element';
import type { Review } from '../../script/lib/response-types';
import { languageName, say } from '../shared/text';
import type { WallContext } from './reader';

/** A way to read a review in the reader's language, and its original again. */
export function translated(
  review: Review,
  title: HTMLElement | undefined,
  words: HTMLElement | undefined,
  context: WallContext,
): HTMLElement {
  const note = el('span', { role: 'status' });
  const button = el(
    'button',
    {
      type: 'button',
      class: 'plain',
      click: () =>
        void import('./translation').then(({ toggle }) =>
          toggle(review, { title, words, note, button }, context),
        ),
    },
    say(context, 'translate', { language: languageName(context) }),
  );
  return el('p', { class: 'soft' }, note, button);
}
