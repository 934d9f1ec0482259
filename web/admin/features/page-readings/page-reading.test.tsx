import { fireEvent, screen } from '@testing-library/react';
import { beforeAll, describe, expect, it, vi } from 'vitest';
import { button, draw, office, press } from '../../../tests/office';
import type { PageReading } from './queries';

let ReadingOf: typeof import('./page-reading').ReadingOf;
let ReadRows: typeof import('./read-rows').ReadRows;
beforeAll(async () => {
  // a test has no screen to scroll
  Element.prototype.scrollIntoView = () => undefined;
  ({ ReadingOf } = await import('./page-reading'));
  ({ ReadRows } = await import('./read-rows'));
});

const text = (said: string) => ({ text: said, isLine: true, pieces: [] });
const element = (number: number, ...pieces: object[]) => ({
  element: number,
  isLine: false,
  pieces,
});
const row = (number: number, stars: string, day: object) => ({
  element: number,
  isReview: true,
  isLeftOut: false,
  cells: { STARS: { element: number + 1, text: stars, reads: '4.1' }, ...day },
});
const READING = {
  id: 7,
  address: 'https://market.example/pot',
  site: 'market.example',
  parts: [
    { part: 'STARS', found: 2 },
    { part: 'DATE', found: 1 },
  ],
  rows: [
    row(10, '8 / 10', { DATE: { element: 12, text: '23.10.2026', reads: '2026-10-23' } }),
    { ...row(20, '8 / 10', {}), dateWithoutDay: 'in July' },
  ],
  reviews: 2,
  page: element(
    1,
    element(10, element(11, text('8 / 10')), element(13, text('Ana'))),
    element(20, element(21, text('8 / 10')), text('in July')),
  ),
  hasNext: false,
};
const AT = 'GET /api/v1/page-readings/7';
const POINTS = 'POST /api/v1/page-readings/7/points';

describe('a page that is read by its looks', () => {
  const open = (answers: Parameters<typeof office>[0]) => {
    const asked = office({ [AT]: READING, ...answers });
    draw(<ReadingOf id={7} />);
    return asked;
  };

  it('says of a time without a day that there is none in it', async () => {
    open({});
    expect(await screen.findByText('no day in it')).toBeTruthy();
    expect(screen.getByText('Go on with 2 reviews')).toBeTruthy();
  });

  it('lists all rows of a long page, some at a time', () => {
    const rows = Array.from({ length: 5 }, (_, n) => row(10 * (n + 1), '8 / 10', {}));
    draw(
      <ReadRows
        reading={{ ...READING, rows } as unknown as PageReading}
        chosen={undefined}
        onChoose={vi.fn()}
        onLeave={vi.fn()}
        atOnce={3}
      />,
    );
    const listed = () => document.querySelectorAll('tbody tr').length;
    expect(listed()).toBe(3);
    expect(screen.getByText(/2 further rows are not listed yet/)).toBeTruthy();
    fireEvent.click(screen.getByText('List more'));
    expect(listed()).toBe(5);
    expect(screen.queryByText(/not listed yet/)).toBe(null);
  });

  it('sends what is pointed at, and points no more after it', async () => {
    const named = {
      ...READING,
      parts: [...READING.parts, { part: 'NAME', found: 1 }],
    };
    const { changes } = open({ [POINTS]: named });
    await screen.findByText('no day in it');
    press('name');
    press('Ana');
    expect(await screen.findByRole('columnheader', { name: /name/ })).toBeTruthy();
    expect(changes().map(({ body }) => body)).toEqual([{ part: 'NAME', element: 13 }]);
    expect(screen.queryByRole('button', { name: 'Ana' })).toBeNull();
  });

  it('asks to point at a review where nothing was found', async () => {
    open({ [AT]: { ...READING, rows: [], reviews: 0, parts: [] } });
    expect(await screen.findByText(/look like reviews with stars/)).toBeTruthy();
    expect(button('stars').disabled).toBe(true);
    expect(button('Ana')).toBeTruthy();
  });
});
