import { describe, expect, it, vi } from 'vitest';
import { HOSTILE, onPage, shopper, textOf, without } from '../../tests/shopper';
import type { DeliveryPromiseNod } from '../../script/lib/response-types';
import { days } from './days';
import { deliveryPromise } from './view';

type Content = DeliveryPromiseNod['content'];
type Promised = NonNullable<Content['promised']>;

const PROMISED: Promised = {
  arrives: { first: '2026-12-01', last: '2026-12-03' },
  leaves: { first: '2026-11-26', last: '2026-11-26' },
  until: '2026-11-26T16:00:00Z',
  way: [],
};
const WAY: Promised['way'] = [
  { first: '2026-11-26', last: '2026-11-26', mayLeave: true, mayArrive: false, working: 1 },
  { first: '2026-11-27', last: '2026-11-27', mayLeave: false, mayArrive: false, working: 1 },
  { first: '2026-11-28', last: '2026-11-29', mayLeave: false, mayArrive: false, working: 0 },
  { first: '2026-12-01', last: '2026-12-01', mayLeave: false, mayArrive: true, working: 1 },
];

const drawn = (
  set: Partial<Content> = {},
  who: Parameters<typeof shopper>[1] = {},
  missing: (keyof Content)[] = [],
) =>
  onPage(
    deliveryPromise(
      {
        id: 'arrival',
        kind: 'delivery-promise',
        spot: 'under-buy',
        product: 'pot',
        content: without(
          {
            assumed: false,
            clock: 'shop',
            countries: [],
            country: 'DE',
            cutOff: 'none',
            flag: false,
            lines: [],
            ordered: false,
            promised: PROMISED,
            shows: 'words',
            small: false,
            zone: 'Europe/Lisbon',
            ...set,
          } satisfies Content,
          ...missing,
        ) as Content,
      },
      shopper('delivery-promise', who),
    ) as HTMLElement,
  );
const said = (set?: Partial<Content>, who?: Parameters<typeof shopper>[1]) =>
  textOf(drawn(set, who).querySelector('.said')).replace(/[\u00a0\u202f]/g, ' ');

describe('the delivery promise in words', () => {
  it('says the days and where to', () => {
    expect(said()).toBe('Arrives Tue, Dec 1 – Thu, Dec 3 (Germany)');
    expect(said({ small: true })).toBe('Arrives Tue, Dec 1 – Thu, Dec 3');
    expect(said({ ordered: true })).toBe('Your order arrives Tue, Dec 1 – Thu, Dec 3 (Germany)');
  });

  it('counts down to the cut-off by the server’s clock', () => {
    expect(said({ cutOff: 'time-left' })).toMatch(/^Order in the next 1 hr 40 min: it arrives/);
  });

  it('tells the cut-off as a time, with its day where that is not today', () => {
    expect(said({ cutOff: 'clock' })).toMatch(/^Order by 4:00 PM and it arrives/);
    const monday = { ...PROMISED, until: '2026-11-30T16:00:00Z' };
    expect(said({ cutOff: 'clock', promised: monday })).toMatch(/^Order by 4:00 PM on Monday/);
  });

  it('names the shop’s zone to whom another time is shown, or tells the shopper’s own', () => {
    expect(said({ cutOff: 'clock', zone: 'America/New_York' })).toMatch(/by 11:00 AM EST and/);
    expect(said({ cutOff: 'clock', zone: 'America/New_York', clock: 'shopper' })).toMatch(
      /by 4:00 PM and/,
    );
  });

  it('says when it is back', () => {
    expect(said({ promised: { ...PROMISED, backOn: '2026-12-10' } })).toMatch(
      /^Back in stock on December 10, 2026\. Order now and it arrives/,
    );
  });

  it('says that it is sold out where nothing can be promised', () => {
    const line = drawn({}, {}, ['promised']);
    expect([line.className, textOf(line)]).toEqual(['delivery sold-out', 'Currently sold out']);
  });

  it('keeps the order of a sentence in each language', () => {
    expect(said({}, { language: 'de' })).toContain('(Deutschland)');
    expect(said({}, { language: 'ja' })).toContain('ドイツ');
  });
});

describe('the days of a promise', () => {
  const span = (language: string, first: string, last: string) =>
    days(shopper('delivery-promise', { language }), { first, last }).replace(
      /[\u00a0\u202f]/g,
      ' ',
    );

  it('say once what both ends share, as CLDR has it', () => {
    expect(span('en', '2026-12-01', '2026-12-01')).toBe('Tue, Dec 1');
    expect(span('de', '2026-12-01', '2026-12-03')).toMatch(/^Di\., 1\..*Do\., 3\. Dez/);
  });

  it('keep the month in words where a language writes a span in figures', () => {
    const portuguese = span('pt', '2026-11-30', '2026-12-02');
    expect(portuguese).toMatch(/nov/);
    expect(portuguese).toMatch(/dez/);
  });
});

describe('the way of a promise', () => {
  const way = (set: Partial<Promised> = {}) =>
    drawn({ shows: 'path', promised: { ...PROMISED, way: WAY, ...set } });

  it('shows the day it leaves, those it may arrive on, and the closed ones', () => {
    const path = way();
    expect(path.querySelector('.said')).toBe(null);
    expect([...path.querySelectorAll('.way li')].map((day) => day.className)).toEqual([
      'leaves',
      '',
      'closed several',
      'arrives',
    ]);
  });

  it('is words too where there is no way to show', () => {
    expect(drawn({ shows: 'path' }).querySelector('.said')).not.toBe(null);
  });

  it('says "may" where it is not sure', () => {
    const text = (path: HTMLElement) =>
      [...path.querySelectorAll('.way .unseen')].map((one) => textOf(one));
    expect(text(way())).toEqual(['May leave us', 'Closed', 'May arrive']);
    const sure = way({ arrives: { first: '2026-12-01', last: '2026-12-01' } });
    expect(text(sure)).toEqual(['Leaves us', 'Closed', 'Arrives']);
  });

  it('calls today today, by the shop’s day', () => {
    const names = (now: string) =>
      [
        ...drawn(
          { shows: 'path', zone: 'Asia/Tokyo', promised: { ...PROMISED, way: WAY } },
          { now: Date.parse(now) },
        ).querySelectorAll('.weekday'),
      ].map((name) => textOf(name));
    expect(names('2026-11-26T05:00:00Z')[0]).toBe('today');
    expect(names('2026-11-26T16:00:00Z').slice(0, 2)).toEqual(['Thu', 'today']);
  });
});

describe('a basket and another country', () => {
  it('tells each line’s days, and which are not known', () => {
    const table = drawn({
      lines: [
        { title: 'Slate pot', arrives: { first: '2026-12-01', last: '2026-12-01' } },
        { title: HOSTILE },
      ],
    }).querySelector('table')!;
    expect(table.querySelector('img, script')).toBe(null);
    expect([...table.querySelectorAll('td')].map(textOf)).toEqual([
      'Tue, Dec 1',
      'date not known yet',
    ]);
    expect(textOf(table.querySelector('caption'))).toBe('Delivery date per item');
  });

  it('offers the countries by name, and tells which was chosen', () => {
    const choose = vi.fn();
    const select = drawn({ countries: ['FR', 'AT'], assumed: true }, { choose }).querySelector(
      'select',
    )!;
    expect([...select.options].map((option) => option.text)).toEqual([
      'Austria',
      'France',
      'Germany',
    ]);
    expect(select.value).toBe('DE');
    select.value = 'FR';
    select.dispatchEvent(new Event('change'));
    expect(choose).toHaveBeenCalledWith('FR');
  });

  it('says that a country is taken for granted, and how to change it where it can be', () => {
    const note = (who: Parameters<typeof shopper>[1]) =>
      textOf(drawn({ countries: ['FR'], assumed: true }, who).querySelector('.soft'));
    expect(note({})).toBe('Delivery dates for Germany.');
    expect(note({ choose: () => undefined })).toMatch(/Not your country\? Choose it:$/);
  });
});
