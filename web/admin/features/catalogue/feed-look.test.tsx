import { screen, waitFor } from '@testing-library/react';
import { beforeAll, describe, expect, it, vi } from 'vitest';
import { button, draw, office, press } from '../../../tests/office';
import { without } from '../../../tests/shopper';
import type { FeedLook } from './feed-look-queries';

let FeedLookView: typeof import('./feed-look').FeedLookView;
beforeAll(async () => {
  ({ FeedLookView } = await import('./feed-look'));
});

const LOOK: FeedLook = {
  id: 'l1',
  fileName: 'orders.csv',
  kind: 'ORDERS',
  looksLike: 'ORDERS',
  form: { type: 'CSV', delimiter: ';', encoding: 'UTF-8', sheet: '', sheets: [], rows: 1 },
  columns: [
    { index: 0, heading: 'No', term: 'orderNumber', basis: 'HEADING', isDoubtful: false },
    { index: 1, heading: 'When', term: 'orderDate', basis: 'CONTENT', isDoubtful: false },
    { index: 2, heading: 'Note', isDoubtful: false },
  ],
  samples: [{ line: 2, cells: ['A-1', '03/04/2026', ''] }],
  dates: { order: 'DAY_FIRST', because: '', unclear: '03/04/2026' },
  trial: { taken: 0, wrong: 1, so: 'No order can be imported.', facts: [], problems: [] },
};
const CLEAR: FeedLook = {
  ...LOOK,
  dates: { order: 'MONTH_FIRST', because: '', unclear: '' },
  trial: { taken: 1, wrong: 0, so: '1 order can be imported.', facts: [], problems: [] },
};

const drawn = (first: FeedLook, onDone = vi.fn()) => {
  draw(<FeedLookView first={first} onClose={vi.fn()} onDone={onDone} />);
  return onDone;
};

describe('a file that is looked at before it is read', () => {
  it('asks for the order of dates that may be two days, and imports with it', async () => {
    const { changes } = office({
      'POST /api/v1/feeds/looks/l1/trial': () => CLEAR,
      'POST /api/v1/feeds/looks/l1/import': () => ({ run: { id: 7 }, problems: [] }),
    });
    const onDone = drawn(LOOK);
    expect(screen.getByText('Nothing can be imported like this.', { selector: 'b' })).toBeTruthy();
    press('Month first');
    await waitFor(() => expect(button('Import 1 order').disabled).toBe(false));
    const wanted = { kind: 'ORDERS', dateOrder: 'MONTH_FIRST' };
    expect(changes().map(({ body }) => body)).toEqual([wanted]);
    press('Import 1 order');
    await waitFor(() => expect(onDone).toHaveBeenCalledWith(7));
    expect(changes()[1]?.body).toEqual(wanted);
  });

  it('names what is not used, and how each column is known', () => {
    office({});
    drawn(CLEAR);
    expect(screen.getByText('Not used: Note.')).toBeTruthy();
    expect(screen.getByText('guessed from the values')).toBeTruthy();
  });

  it('of reviews leads to where reviews come in', () => {
    office({});
    drawn({ ...without(LOOK, 'kind', 'trial'), looksLike: 'REVIEWS' });
    expect(screen.getByRole('link', { name: 'Import reviews' })).toBeTruthy();
    expect(screen.queryByRole('button', { name: /^Import/ })).toBe(null);
  });
});
