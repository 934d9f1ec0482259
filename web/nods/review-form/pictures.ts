import { el } from '../../script/lib/create-element';
import { say } from '../shared/text';
import type { Tongue } from '../shared/view';
import { Refused, sendPicture } from './requests';
import type { Typed } from './saved-draft';

interface Bounds {
  origin: string;
  /** of the form that they belong to */
  token: () => string;
  most: number;
  /** in megabytes */
  largest: number;
  /** whether the owner looks at it: then nothing is sent */
  isLookedAt: boolean;
}

const SMALL = 160;
/** A phone's camera makes more than the server takes of a shopper: what is more is drawn smaller. */
const MOST_PIXELS = 16_000_000;
const LARGE = 3000;

interface Prepared {
  /** what is sent */
  sent: Blob;
  /** how it looks small; nothing where the browser cannot draw it */
  small: string;
}

async function prepared(file: Blob): Promise<Prepared> {
  try {
    const picture = await createImageBitmap(file);
    const small = drawn(picture, SMALL).toDataURL('image/jpeg', 0.8);
    const isMuch = picture.width * picture.height > MOST_PIXELS;
    const sent = isMuch ? await asJpeg(drawn(picture, LARGE)) : file;
    picture.close();
    return { sent: sent ?? file, small };
  } catch {
    return { sent: file, small: '' };
  }
}

function drawn(picture: ImageBitmap, longest: number): HTMLCanvasElement {
  const part = Math.min(1, longest / Math.max(picture.width, picture.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(picture.width * part));
  canvas.height = Math.max(1, Math.round(picture.height * part));
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  return canvas;
}

const asJpeg = (canvas: HTMLCanvasElement) =>
  new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', 0.9));

const MEGABYTE = 1_000_000;

/** Pictures are sent when they are chosen, so that sending the form is quick; each can go again. */
export function pictureChoice(
  sent: Typed['pictures'],
  { origin, token, most, largest, isLookedAt }: Bounds,
  tongue: Tongue,
  onChange: (pictures: Typed['pictures']) => void,
  onFault: (text: string | undefined) => void,
): HTMLElement {
  let pictures = sent;
  const shown = el('ul', { class: 'chosen' });
  const status = el('span', { class: 'soft', role: 'status' });
  const input = el('input', {
    type: 'file',
    class: 'unseen',
    accept: 'image/*',
    multiple: true,
    disabled: isLookedAt,
    'aria-label': say(tongue, 'addPictures'),
    change: () => void take([...(input.files ?? [])]),
  }) as HTMLInputElement;
  const set = (next: Typed['pictures']) => {
    pictures = next;
    draw();
    onChange(next);
  };
  const draw = () =>
    shown.replaceChildren(
      ...pictures.map((picture, n) =>
        el(
          'li',
          {},
          el('img', { src: picture.small, alt: '' }),
          el(
            'button',
            {
              type: 'button',
              'aria-label': say(tongue, 'removePicture', { n: n + 1 }),
              click: () => {
                set(pictures.filter((one) => one !== picture));
                input.focus();
              },
            },
            '×',
          ),
        ),
      ),
    );
  const take = async (files: File[]) => {
    onFault(undefined);
    for (const file of files) {
      if (pictures.length >= most) {
        onFault(say(tongue, 'fault-too-many', { n: most }));
        break;
      }
      if (file.size > largest * MEGABYTE) {
        onFault(say(tongue, 'pictureLarge', { n: largest }));
        continue;
      }
      status.textContent = say(tongue, 'sendingPicture');
      try {
        const { sent: sending, small } = await prepared(file);
        const kept = await sendPicture(origin, sending, token());
        if (!pictures.some((one) => one.file === kept.file))
          set([...pictures, { file: kept.file, small }]);
      } catch (error) {
        const isNone = error instanceof Refused && error.status === 422;
        onFault(say(tongue, isNone ? 'pictureFailed' : 'failed'));
      }
      status.textContent = '';
    }
    input.value = '';
  };
  draw();
  return el(
    'div',
    {},
    el('label', { class: 'add-pictures' }, input, say(tongue, 'addPictures')),
    ' ',
    status,
    shown,
  );
}
