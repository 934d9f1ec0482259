import { screen, waitFor } from '@testing-library/react';
import { beforeAll, describe, expect, it } from 'vitest';
import { button, draw, office, press, refusal } from '../../../tests/office';

let BackupsPage: typeof import('./backups-page').BackupsPage;
beforeAll(async () => {
  ({ BackupsPage } = await import('./backups-page'));
});

const NONE = { items: [], folder: '/data/backups', data: '/data', kept: 30 };
const counts = { reviews: 3, orders: 1, products: 2, versions: 1, people: 1, pictures: 0 };
const MADE = {
  ...NONE,
  items: [{ name: 'nod-yes-1.zip', madeAt: '2026-11-26T03:00:00Z', bytes: 1_310_000, counts }],
};

describe('the backups', () => {
  it('are none at first; one is made by a press', async () => {
    let list: object = NONE;
    const { changes } = office({
      'GET /api/v1/backups': () => list,
      'POST /api/v1/backups': () => {
        list = MADE;
        return MADE.items[0]!;
      },
    });
    draw(<BackupsPage />);
    expect(await screen.findByText(/There is no backup yet/)).toBeTruthy();
    press('Back up now');
    expect(await screen.findByText(/opened and read/, { selector: 'h1 b' })).toBeTruthy();
    expect(screen.getByText(/1.3 MB/, { selector: 'p' })).toBeTruthy();
    expect(screen.getByText(/restore \/data\/backups\/nod-yes-1.zip --data \/data/)).toBeTruthy();
    expect(changes()).toHaveLength(1);
  });

  it('say why one was not made, and can be asked again', async () => {
    office({
      'GET /api/v1/backups': () => NONE,
      'POST /api/v1/backups': () => refusal(422, 'No backup was made: the disk is full'),
    });
    draw(<BackupsPage />);
    await screen.findByText(/There is no backup yet/);
    press('Back up now');
    expect(await screen.findByText('No backup was made: the disk is full')).toBeTruthy();
    await waitFor(() => expect(button('Back up now').disabled).toBe(false));
  });

  it('are for owners alone, and that is said', async () => {
    office({ 'GET /api/v1/backups': () => refusal(403, 'You are not allowed to do this.') });
    draw(<BackupsPage />);
    expect(await screen.findByText('You are not allowed to do this.')).toBeTruthy();
  });
});
