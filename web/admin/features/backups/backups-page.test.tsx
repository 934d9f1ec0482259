import { fireEvent, screen, waitFor } from '@testing-library/react';
import { beforeAll, describe, expect, it } from 'vitest';
import { button, draw, office, press, refusal } from '../../../tests/office';

let BackupsPage: typeof import('./backups-page').BackupsPage;
beforeAll(async () => {
  ({ BackupsPage } = await import('./backups-page'));
});

const counts = { reviews: 3, orders: 1, products: 2, versions: 1, people: 1, pictures: 0 };
const NONE = {
  items: [],
  folder: '/data/backups',
  data: '/data',
  kept: 30,
  present: { ...counts, reviews: 5 },
  canRestore: true,
};
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

  it('say what going back to one replaces before it does', async () => {
    const { changes } = office({
      'GET /api/v1/backups': () => MADE,
      'POST /api/v1/backups/nod-yes-1.zip/restore': () => ({}),
    });
    draw(<BackupsPage />);
    fireEvent.click(await screen.findByRole('button', { name: /^Go back to/ }));
    expect(screen.getByText(/5 reviews/, { selector: 'dd' })).toBeTruthy();
    expect(screen.getByText(/3 reviews/, { selector: 'dd' })).toBeTruthy();
    expect(changes()).toHaveLength(0);
    press('Go back');
    expect(await screen.findByText('Nod Yes is closing …')).toBeTruthy();
    expect(changes()).toHaveLength(1);
  });

  it('go back by the command alone where it was not started by itself', async () => {
    office({ 'GET /api/v1/backups': () => ({ ...MADE, canRestore: false }) });
    draw(<BackupsPage />);
    await screen.findByText(/opened and read/, { selector: 'h1 b' });
    expect(screen.queryByRole('button', { name: /^Go back to/ })).toBeNull();
  });

  it('say that nothing was changed where going back failed', async () => {
    const restored = { at: '2026-11-26T04:00:00Z', backup: 'b.zip', failure: 'It is damaged.' };
    office({ 'GET /api/v1/backups': () => ({ ...MADE, restored }) });
    draw(<BackupsPage />);
    expect((await screen.findByRole('alert')).textContent).toContain('It is damaged.');
  });
});
