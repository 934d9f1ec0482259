import { describe, expect, it } from 'vitest';
import { HOSTILE, NOW, onPage, shopper, textOf } from '../../tests/shopper';
import type { LabelNod } from '../../script/lib/response-types';
import { label, labelHost, written, type LabelValue } from './view';

const nod = (claim: string, content: Partial<LabelNod['content']>): LabelNod => ({
  id: 'label',
  kind: 'label',
  spot: 'on-picture',
  product: 'pot',
  claim,
  content: { word: '', corner: 'top-start', values: {}, ...content },
});
const drawn = (claim: string, content: Partial<LabelNod['content']>, language = 'en') =>
  onPage(label(nod(claim, content), shopper(claim, { language })) as HTMLElement);
const say = (value: LabelValue, language = 'en') =>
  written(shopper('own-label', { language }), value).replace(/[\u00a0\u202f]/g, ' ');

describe('a label', () => {
  it('says its claim in the words of its kind', () => {
    expect(
      textOf(drawn('price-drop-label', { word: 'off', values: { percentOff: { percent: 25 } } })),
    ).toBe('25% off');
    expect(textOf(drawn('bestseller-label', { word: 'best' }))).toBe('Bestseller');
    expect(
      textOf(
        drawn('bestseller-label', { word: 'bestIn', values: { category: { text: 'Planters' } } }),
      ),
    ).toBe('Bestseller in Planters');
  });

  it('says the last one for one and a number for more', () => {
    const left = (stock: number) =>
      textOf(drawn('low-stock-label', { word: 'last', values: { stock: { number: stock } } }));
    expect([left(1), left(2)]).toEqual(['Last one', 'Only 2 left']);
  });

  it('is heard where its drawing says it without words', () => {
    expect(drawn('new-label', { word: 'new', bare: true }).className).toBe('unseen');
    expect(drawn('new-label', { word: 'new' }).className).toBe('words');
  });

  it('shows what a stranger wrote as it was written', () => {
    const said = drawn('bestseller-label', {
      word: 'bestIn',
      values: { category: { text: HOSTILE } },
    });
    expect(said.childElementCount).toBe(0);
    expect(said.textContent).toContain(HOSTILE);
  });

  it('has a look of its claim where it has none of its own', () => {
    const host = document.createElement('nod-yes');
    labelHost(host, nod('bestseller-label', { turn: -8, opacity: 60 }));
    expect(host.dataset['claim']).toBe('bestseller-label');
    expect(host.dataset['look']).toBe('stamp');
    expect(host.style.opacity).toBe('0.6');
    const dressed = document.createElement('nod-yes');
    dressed.dataset['look'] = 'ribbon';
    labelHost(dressed, nod('bestseller-label', {}));
    expect(dressed.dataset['look']).toBe('ribbon');
    expect(dressed.style.opacity).toBe('');
  });
});

describe('a value in a label', () => {
  it.each<[LabelValue, string, string]>([
    [{ percent: 25 }, 'en', '25%'],
    [{ percent: 25 }, 'de', '25 %'],
    [{ amount: 20, currency: 'EUR' }, 'en', '€20'],
    [{ amount: 19.5, currency: 'EUR' }, 'de', '19,50 €'],
    [{ amount: 1200, currency: 'JPY' }, 'ja', '￥1,200'],
    [{ number: 1204 }, 'de', '1.204'],
    [{ number: 4.5 }, 'pt', '4,5'],
    [{ country: 'JP' }, 'de', 'Japan'],
    [{ text: 'Clay' }, 'en', 'Clay'],
    [{}, 'en', ''],
  ])('%j is written in %s as %s', (value, language, text) => {
    expect(say(value, language)).toBe(text);
  });

  it('names the year of a day only where it could be taken for another', () => {
    expect(say({ day: '2026-12-04' })).toBe('December 4');
    // within half a year no other January is meant
    expect(say({ day: '2027-01-10' })).toBe('January 10');
    expect(say({ day: '2027-09-10' })).toBe('September 10, 2027');
    expect(new Date(NOW).getUTCFullYear()).toBe(2026);
  });
});
