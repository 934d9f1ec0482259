import { fireEvent, screen } from '@testing-library/react';
import { beforeAll, describe, expect, it } from 'vitest';
import { draw, office, press, refusal } from '../../../tests/office';

let FeedsPage: typeof import('./feeds-page').FeedsPage;
beforeAll(async () => {
  ({ FeedsPage } = await import('./feeds-page'));
});

const RUN = {
  id: 7,
  kind: 'PRODUCTS',
  source: 'prices.csv',
  at: '2026-11-26T03:00:00Z',
  state: 'DONE',
  taken: 12,
  wrong: 0,
  gone: 0,
  undo: { canUndo: true, kept: 0 },
};
const UNDONE = { ...RUN, undo: { canUndo: false, undoneAt: '2026-11-26T04:00:00Z', kept: 2 } };

const answers = (run: object, total = 1) => ({
  'GET /api/v1/feeds': { items: [] },
  'GET /api/v1/feeds/runs': { items: [run], page: 1, size: 20, total },
  'GET /api/v1/feeds/runs/7': { run, problems: [] },
});

describe('an update of products', () => {
  it('is undone where it is listed, and that is said', async () => {
    const { changes } = office({
      ...answers(RUN),
      'POST /api/v1/feeds/runs/7/undo': { run: UNDONE, problems: [] },
    });
    draw(<FeedsPage />);
    fireEvent.click(await screen.findByRole('button', { name: /prices.csv/ }));
    fireEvent.click(await screen.findByText('Undo this import'));
    expect(await screen.findByText('All is as it was before “prices.csv”.')).toBeTruthy();
    expect(changes()).toHaveLength(1);
  });

  it('says what stayed when it was undone', async () => {
    office(answers(UNDONE));
    draw(<FeedsPage />);
    fireEvent.click(await screen.findByRole('button', { name: /prices.csv.*undone/ }));
    expect(await screen.findByText(/2 entries stayed/)).toBeTruthy();
    expect(screen.queryByText('Undo this import')).toBeNull();
  });

  it('says which one came later and must be undone first', async () => {
    office({
      ...answers(RUN),
      'POST /api/v1/feeds/runs/7/undo': () => refusal(409, '“later.csv” came later.'),
    });
    draw(<FeedsPage />);
    fireEvent.click(await screen.findByRole('button', { name: /prices.csv/ }));
    fireEvent.click(await screen.findByText('Undo this import'));
    expect(await screen.findByText('“later.csv” came later.')).toBeTruthy();
  });

  it('of long ago is on a page of its own', async () => {
    office({
      ...answers(RUN, 21),
      'GET /api/v1/feeds/runs?page=2': {
        items: [{ ...RUN, id: 1, source: 'first.csv' }],
        page: 2,
        size: 20,
        total: 21,
      },
    });
    draw(<FeedsPage />);
    await screen.findByRole('button', { name: /prices.csv/ });
    press('Older');
    expect(await screen.findByRole('button', { name: /first.csv/ })).toBeTruthy();
  });
});
