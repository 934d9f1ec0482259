import { describe, expect, it } from 'vitest';
import type { OpenForm } from '../../script/lib/response-types';
import type { FormPlace } from '../../script/page/form';
import { Refused } from './requests';
import type { Typed } from './saved-draft';
import { mostOf, refusalOf, written } from './written';

const FORM = {
  token: 't',
  language: 'pt',
  mostPictures: 4,
  fields: [
    { name: 'title', longest: 100 },
    { name: 'words', longest: 5000 },
    { name: 'name', longest: 60 },
    { name: 'pictures' },
  ],
  criteria: [{ id: 3, name: 'Durability' }],
} as unknown as OpenForm;
const PLACE = { product: 'pot' } as unknown as FormPlace;
const TYPED: Typed = {
  stars: 4,
  texts: { title: 'Fine', words: 'It holds.', name: 'Ilka', email: 'ilka@here.example', cons: '' },
  nameForm: 'INITIALS',
  criteria: { 3: 5, 9: 1 },
  pictures: [{ file: 'a.webp', small: 'data:…' }],
};

describe('what is sent of a form', () => {
  it('is what was typed, the name as the reviewer', () => {
    expect(written(FORM, TYPED, '', PLACE)).toEqual({
      token: 't',
      product: 'pot',
      stars: 4,
      title: 'Fine',
      words: 'It holds.',
      reviewer: 'Ilka',
      nameForm: 'INITIALS',
      criteria: [{ id: 3, stars: 5 }],
      pictures: ['a.webp'],
      lang: 'pt',
    });
  });

  it('is nothing of fields and things that went since they were filled', () => {
    const asksLittle = {
      ...FORM,
      fields: [{ name: 'words' }],
      criteria: [],
    } as unknown as OpenForm;
    const sent = written(asksLittle, TYPED, '', PLACE);
    expect(sent).not.toHaveProperty('title');
    expect(sent).not.toHaveProperty('reviewer');
    expect(sent).not.toHaveProperty('email');
    expect(sent).toMatchObject({ words: 'It holds.', criteria: [], pictures: [] });
  });

  it('tells on a machine that fills what people do not see', () => {
    expect(written(FORM, TYPED, 'https://spam.example', PLACE).website).toBe(
      'https://spam.example',
    );
  });
});

describe('what a form that could not be sent comes to', () => {
  it.each([
    ['nothing was heard', new TypeError('network'), { type: 'failed' }],
    ['the server broke', new Refused(500, []), { type: 'failed' }],
    ['too much came from here', new Refused(429, []), { type: 'too-often' }],
    [
      'it was open for long',
      new Refused(400, [
        { field: 'words', reason: 'no-words' },
        { field: 'token', reason: 'late' },
      ]),
      { type: 'late' },
    ],
    [
      'fields are wrong',
      new Refused(400, [{ field: 'words', reason: 'too-long' }]),
      { type: 'faults', faults: [{ field: 'words', reason: 'too-long' }] },
    ],
  ])('%s', (_, error, refusal) => {
    expect(refusalOf(error)).toEqual(refusal);
  });

  it('knows the name by what it is sent as too, and how much each field takes', () => {
    const refusal = refusalOf(new Refused(400, [{ field: 'reviewer', reason: 'too-long' }]));
    expect(refusal).toEqual({ type: 'faults', faults: [{ field: 'name', reason: 'too-long' }] });
    expect(mostOf(FORM, 'name')).toBe(60);
    expect(mostOf(FORM, 'pictures')).toBe(4);
  });
});
