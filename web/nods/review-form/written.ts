import type { OpenForm } from '../../script/lib/response-types';
import type { FormPlace } from '../../script/page/form';
import { Refused, type Written } from './requests';
import type { Typed } from './saved-draft';

/** What is sent of what was typed: of fields and things that went since, nothing. */
export function written(form: OpenForm, typed: Typed, website: string, place: FormPlace): Written {
  const { title, words, pros, cons, name, email } = typed.texts;
  const ids = new Set(form.criteria.map(({ id }) => String(id)));
  // what was typed before a field went is not sent
  const shown = new Set(form.fields.map((field) => field.name));
  const given = Object.entries({ title, words, pros, cons, name, email }).flatMap(
    ([field, value]) =>
      value && shown.has(field) ? [[field === 'name' ? 'reviewer' : field, value] as const] : [],
  );
  return {
    token: form.token,
    product: place.product,
    stars: typed.stars,
    ...Object.fromEntries(given),
    nameForm: typed.nameForm as NonNullable<Written['nameForm']>,
    criteria: Object.entries(typed.criteria)
      .filter(([id]) => ids.has(id))
      .map(([id, stars]) => ({ id: Number(id), stars })),
    pictures: shown.has('pictures') ? typed.pictures.map(({ file }) => file) : [],
    lang: form.language,
    ...(website ? { website } : {}),
  };
}

/** How much a field takes: letters of a text, or pictures. */
export const mostOf = (form: OpenForm, field: string): number =>
  field === 'pictures'
    ? form.mostPictures
    : (form.fields.find(({ name }) => name === field)?.longest ?? 0);

/** What a form that could not be sent comes to. */
export type Refusal =
  | { type: 'failed' }
  | { type: 'too-often' }
  /** it was open too long: with a new token, sending it again works */
  | { type: 'late' }
  | { type: 'faults'; faults: { field: string; reason: string }[] };

export function refusalOf(error: unknown): Refusal {
  if (!(error instanceof Refused)) return { type: 'failed' };
  if (error.status === 429) return { type: 'too-often' };
  if (error.faults.length === 0) return { type: 'failed' };
  if (error.faults.some(({ field }) => field === 'token')) return { type: 'late' };
  return {
    type: 'faults',
    faults: error.faults.map(({ field, reason }) => ({
      field: field === 'reviewer' ? 'name' : field,
      reason,
    })),
  };
}
