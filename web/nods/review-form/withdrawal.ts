import { el } from '../../script/lib/create-element';
import { dressIn } from '../../script/lib/sheet';
import type { FormPlace } from '../../script/page/form';
import base from '../shared/nod.css?inline';
import { drawnFrom } from '../shared/drawings';
import { number, say } from '../shared/text';
import { stars } from '../shared/stars';
import type { Tongue } from '../shared/view';
import { openedForm, ownReview, sendTakeBack, tongueOf } from './requests';
import css from './form.css?inline';

/** Asks whoever wrote a review whether to take it back. */
export async function takeBack(place: FormPlace, review: string, key: string): Promise<void> {
  const form = await openedForm(place);
  const tongue = tongueOf(form, place);
  const own = await ownReview(place.origin, review, key).catch(() => undefined);
  const { host, dialog } = dialogIn(tongue, place.origin);
  const leave = () => {
    dialog.close();
    host.remove();
    history.replaceState(null, '', location.pathname + location.search);
  };
  const button = (words: string, click: () => void, name = 'plain') =>
    el('button', { type: 'button', class: name, click }, say(tongue, words));
  const said = (words: string) => {
    dialog.replaceChildren(
      el('p', { role: 'status' }, say(tongue, words)),
      el('p', { class: 'acts' }, button('close', leave, 'send')),
    );
  };
  const send = () =>
    sendTakeBack(place.origin, review, key).then(
      () => said('takenBack'),
      () => said('failed'),
    );
  if (!own) said('takeBackFailed');
  else if (own.isTakenBack) said('takenBack');
  else
    dialog.replaceChildren(
      ...shown(own, tongue),
      el(
        'p',
        { class: 'acts' },
        button('takeBackYes', () => void send(), 'send'),
        button('takeBackNo', leave),
      ),
    );
  document.body.append(host);
  dialog.addEventListener('close', () => host.isConnected && leave());
  dialog.showModal();
}

/** A dialog that the page's own style does not reach. */
function dialogIn({ language }: Tongue, origin: string) {
  const host = el('div');
  const root = host.attachShadow({ mode: 'open' });
  dressIn(root, drawnFrom(origin, base));
  dressIn(root, css);
  const dialog = el('dialog', { class: 'take-back', lang: language, dir: 'auto' });
  root.append(dialog);
  return { host, dialog: dialog as HTMLDialogElement };
}

type Own = Awaited<ReturnType<typeof ownReview>>;

/** The review as it was written, with the question whether to take it back. */
function shown(look: Own, tongue: Tongue): HTMLElement[] {
  const mean = number(tongue, look.stars, 0);
  const parts = [
    el('h3', {}, say(tongue, 'takeBackAsk', { product: look.product })),
    el('p', {}, stars(look.stars, say(tongue, 'rating') + ' ' + mean)),
    look.title && el('p', {}, el('b', {}, look.title)),
    look.words && el('p', { class: 'own-words' }, look.words),
  ];
  return parts.filter((part) => part instanceof HTMLElement);
}
