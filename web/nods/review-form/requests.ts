import type { OpenForm } from '../../script/lib/response-types';
import type { FormPlace } from '../../script/page/form';
import type { Tongue } from '../shared/view';
import type { components } from '../../contract/schema';

type Schemas = components['schemas'];
export type Written = Schemas['WrittenReview'];
export type OwnLook = Schemas['OwnLook'];

/** What the server could not take, field by field, by codes. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    readonly faults: { field: string; reason: string }[],
  ) {
    super(String(status));
  }
}

/** Words of the form, the owner's own over ours. */
export function tongueOf(form: OpenForm, place: FormPlace): Tongue {
  const own = Object.entries(place.own).flatMap(([name, text]) =>
    name.startsWith('form-') ? [[name.slice(5), text] as const] : [],
  );
  return { language: form.language, words: form.words, own: Object.fromEntries(own) };
}

export const openedForm = ({ origin, product, language }: FormPlace): Promise<OpenForm> =>
  answered(
    fetch(
      `${origin}/embed/v1/form?${new URLSearchParams({ product, lang: language }).toString()}`,
      { credentials: 'omit' },
    ),
  );

export const sendReview = (origin: string, written: Written): Promise<Schemas['Taken']> =>
  answered(fetch(`${origin}/embed/v1/reviews`, json(written)));

export const sendPicture = (
  origin: string,
  file: Blob,
  token: string,
): Promise<Schemas['SentPicture']> =>
  answered(
    fetch(`${origin}/embed/v1/reviews/pictures`, {
      method: 'POST',
      credentials: 'omit',
      headers: { 'Content-Type': 'application/octet-stream', 'Nodyes-Form': token },
      body: file,
    }),
  );

export const ownReview = (origin: string, review: string, key: string): Promise<OwnLook> =>
  answered(
    fetch(`${origin}/embed/v1/reviews/${review}/take-back`, {
      credentials: 'omit',
      headers: { 'Nodyes-Review': key },
    }),
  );

export const sendTakeBack = (origin: string, review: string, key: string): Promise<OwnLook> =>
  answered(fetch(`${origin}/embed/v1/reviews/${review}/take-back`, json({ key })));

function json(body: unknown): RequestInit {
  return {
    method: 'POST',
    credentials: 'omit',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  };
}

async function answered<T>(asked: Promise<Response>): Promise<T> {
  const response = await asked;
  if (response.ok) return (await response.json()) as T;
  const problem = (await response.json().catch(() => ({}))) as Partial<Refused>;
  throw new Refused(response.status, problem.faults ?? []);
}
