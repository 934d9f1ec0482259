import { fireEvent, screen, waitFor } from '@testing-library/react';
import { beforeAll, describe, expect, it } from 'vitest';
import {
  asksBeforeLeaving,
  button,
  choose,
  draw,
  field,
  office,
  pick,
  press,
  refusal,
  type,
  where,
} from '../../../tests/office';

let ByHand: typeof import('./by-hand').ByHand;
let PageUrl: typeof import('./page-url').PageUrl;
beforeAll(async () => {
  ({ ByHand } = await import('./by-hand'));
  ({ PageUrl } = await import('./page-url'));
});

const POT = { slug: 'slate-pot', title: 'Slate pot', published: 0 };
const CATALOGUE = {
  'GET /api/v1/catalogue/products': { items: [POT], total: 1, page: 1, size: 40 },
  'GET /api/v1/catalogue/products/slate-pot': {
    variants: [
      { sku: 'S', title: 'small' },
      { sku: 'L', title: 'large' },
    ],
  },
};
const BY_HAND = 'POST /api/v1/imports/by-hand';
const sent = (body: unknown) =>
  new Promise<object>((resolve) => {
    const reader = new FileReader();
    reader.onload = () => resolve(JSON.parse(reader.result as string) as object);
    reader.readAsText((body as FormData).get('review') as Blob);
  });

describe('a review by hand', () => {
  const fill = async () => {
    await pick('Product', 'Slate pot');
    await choose(/^Stars/, /^4/);
    type(/^Source/, 'a letter');
  };

  it('needs a product, stars and a source; then it is added and the desk opened', async () => {
    const { changes } = office({ ...CATALOGUE, [BY_HAND]: { id: 1 } });
    draw(<ByHand />);
    expect(button('Add review').disabled).toBe(true);
    await fill();
    type('Reviewer', 'Henrik');
    await waitFor(() => expect(button('Add review').disabled).toBe(false));
    expect(asksBeforeLeaving()).toBe(true);
    press('Add review');
    await waitFor(() => expect(where()).toBe('/reviews'));
    // what was left empty is not said
    expect(await sent(changes()[0]?.body)).toEqual({
      product: 'slate-pot',
      stars: 4,
      from: 'a letter',
      reviewer: 'Henrik',
    });
    expect(asksBeforeLeaving()).toBe(false);
  });

  it('that is refused stays as it was typed, and says where and why', async () => {
    office({
      ...CATALOGUE,
      [BY_HAND]: () =>
        refusal(400, 'Please check these fields.', [
          { field: 'writtenOn', reason: 'This day has not come yet.' },
        ]),
    });
    draw(<ByHand />);
    await fill();
    type('Date', '2030-01-01');
    press('Add review');
    expect(await screen.findByText('This day has not come yet.')).toBeTruthy();
    expect(field('Date').value).toBe('2030-01-01');
    expect(where()).toBe('/');
    expect(asksBeforeLeaving()).toBe(true);
  });
});

describe('reviews of a web page', () => {
  const VISITS = 'POST /api/v1/imports/visits';
  const visit = (more: object) => ({ id: 3, pages: 0, reviews: 0, state: 'GOING', ...more });
  const read = () => {
    draw(<PageUrl />);
    fireEvent.change(screen.getByRole('textbox'), { target: { value: 'https://stall.example/p' } });
    press('Read page');
  };

  it('are read while one waits, and opened once they are there', async () => {
    const { changes } = office({
      [VISITS]: visit({}),
      'GET /api/v1/imports/visits/3': visit({ state: 'DONE', batch: 12, pages: 2, reviews: 40 }),
    });
    read();
    await waitFor(() => expect(where()).toBe('/reviews/bring-in/12'));
    expect(changes()[0]?.body).toEqual({ address: 'https://stall.example/p' });
  });

  it('say how far they are, and can be called off', async () => {
    let state = visit({ pages: 2, reviews: 40 });
    office({
      [VISITS]: visit({}),
      'GET /api/v1/imports/visits/3': () => state,
      'POST /api/v1/imports/visits/3/cancel': () => (state = visit({ state: 'CANCELLED' })),
    });
    read();
    expect(await screen.findByText(/40/)).toBeTruthy();
    expect(button('Read page').disabled).toBe(true);
    press('Cancel');
    expect(await screen.findByText(/Nothing was imported/i)).toBeTruthy();
  });

  it('that cannot be read say why, and the address is still there', async () => {
    office({ [VISITS]: () => refusal(422, 'This address is not public.') });
    read();
    expect((await screen.findByRole('alert')).textContent).toBe('This address is not public.');
    expect(screen.getByRole<HTMLInputElement>('textbox').value).toBe('https://stall.example/p');
    expect(button('Read page').disabled).toBe(false);
  });
});
