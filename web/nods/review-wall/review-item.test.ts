import { beforeEach, describe, expect, it, vi } from 'vitest';
import { waitFor } from '@testing-library/react';
import { HOSTILE, onPage, shopper, textOf, without } from '../../tests/shopper';
import type { Review, Wall } from '../../script/lib/response-types';
import { reader } from './reader';
import { entry } from './review-item';

const WALL = {
  shape: { flags: true, translated: true },
  criteria: [{ id: 1, name: 'Durability', mean: 4.5, count: 9 }],
} as unknown as Wall;
const review = (set: Partial<Review> = {}): Review => ({
  id: 7,
  stars: 4,
  origin: 'verified',
  helpful: 3,
  notHelpful: 0,
  words: 'Heavier than I thought.',
  language: 'en',
  reviewer: 'Henrik',
  ...set,
});
const reading = (isLookedAt = false) => reader('jar', shopper('review-wall', { isLookedAt }));
const drawn = (set?: Partial<Review>, context = reading()) =>
  onPage(entry(review(set), WALL, context));

describe('a review on the wall', () => {
  it('always says where it is from', () => {
    const from = (set: Partial<Review>) => textOf(drawn(set).querySelector('.from'));
    expect(from({})).toBe('Bought here');
    expect(from({ origin: 'unverified' })).toBe('Purchase not checked');
    expect(from({ origin: 'broughtIn' })).toBe('From another site, purchase not checked');
    expect(from({ featured: true, variant: '24 cm', incentive: 'a voucher' })).toBe(
      'Bought hereFeatured by the shop24 cmReceived for this review: a voucher',
    );
  });

  it('says who, where and when, as far as it is known', () => {
    const by = (set: Partial<Review>) => textOf(drawn(set).querySelector('.by'));
    expect(by({ country: 'PT', writtenOn: '2026-11-20' })).toBe(
      'Henrik🇵🇹 PortugalNovember 20, 2026',
    );
    expect(by({ writtenOn: '2026-11-20', ago: { n: 6, unit: 'day' } })).toBe('Henrik6 days ago');
    expect(by({ writtenOn: '2026-10' })).toBe('Henrikabout October 2026');
    const nameless = without(review(), 'reviewer');
    expect(textOf(entry(nameless, WALL, reading()).querySelector('.by'))).toBe('Anonymous');
  });

  it('lists what speaks for and against it', () => {
    const points = drawn({ pros: ['heavy', 'sturdy'], cons: ['no plug'] }).querySelectorAll(
      '.points',
    );
    expect([...points].map(textOf)).toEqual(['Pros:heavy · sturdy', 'Cons:no plug']);
  });

  it('tells stars for single things, and leaves out what nobody knows any more', () => {
    const rated = drawn({
      criteria: [
        { id: 1, stars: 5 },
        { id: 99, stars: 1 },
      ],
    }).querySelectorAll('.rated li');
    expect(rated).toHaveLength(1);
    expect(rated[0]?.querySelector('[role=img]')?.getAttribute('aria-label')).toBe(
      'Durability: 5 of 5',
    );
    expect(drawn({ criteria: [{ id: 99, stars: 1 }] }).querySelector('.rated')).toBe(null);
  });

  it('is words and nothing else, whatever a stranger wrote', () => {
    const item = drawn({
      title: HOSTILE,
      words: HOSTILE,
      reviewer: HOSTILE,
      reply: HOSTILE,
      pros: [HOSTILE],
      variant: HOSTILE,
      incentive: HOSTILE,
    });
    expect(item.querySelector('img, script')).toBe(null);
    expect(item.querySelector('h3')?.textContent).toBe(HOSTILE);
  });
});

describe('a review in another language', () => {
  let translate = vi.fn();
  beforeEach(() => {
    translate = vi.fn();
  });
  const context = () => ({ ...reading(), translate });
  const foreign = { language: 'ja', title: '緑', words: '動きません。' };

  it('can be read in the reader’s, and as it was written again', async () => {
    translate.mockResolvedValue({ title: 'Green', words: 'It does not move.' });
    const item = drawn(foreign, context());
    const button = [...item.querySelectorAll('button')].find(
      (one) => one.textContent === 'Translate to English',
    )!;
    const words = item.querySelector<HTMLElement>('.words')!;
    expect([words.lang, words.textContent]).toEqual(['ja', foreign.words]);
    button.click();
    await waitFor(() => expect(words.textContent).toBe('It does not move.'));
    expect(words.lang).toBe('en');
    expect(textOf(item)).toContain('Machine translation');
    button.click();
    await waitFor(() => expect(words.textContent).toBe(foreign.words));
    expect(words.lang).toBe('ja');
    expect(translate).toHaveBeenCalledTimes(1);
  });

  it('stays as it was where nobody can translate it now', async () => {
    translate.mockRejectedValue(new Error('away'));
    const item = drawn(foreign, context());
    [...item.querySelectorAll('button')]
      .find((one) => one.textContent === 'Translate to English')!
      .click();
    await waitFor(() => expect(textOf(item)).toContain('Translation is not available right now.'));
    expect(item.querySelector('.words')?.textContent).toBe(foreign.words);
  });

  it('is not offered in its own language, nor without words', () => {
    const offers = (set: Partial<Review>) => textOf(drawn(set, context())).includes('Translate');
    expect(offers({ language: 'en-GB' })).toBe(false);
    const silent = without(review({ language: 'ja' }), 'words');
    expect(textOf(entry(silent, WALL, context())).includes('Translate')).toBe(false);
    expect(offers(foreign)).toBe(true);
  });
});

describe('a vote', () => {
  const voting = () => {
    const vote = vi.fn();
    const item = drawn({}, { ...reading(), vote });
    const [yes, no] = item.querySelectorAll<HTMLButtonElement>('.votes button');
    return { vote, item, yes: yes!, no: no! };
  };

  it('counts once, is shown as cast, and is taken away by pressing again', async () => {
    const { vote, yes } = voting();
    vote.mockResolvedValueOnce({ helpful: 4, notHelpful: 0 });
    yes.click();
    await waitFor(() => expect(yes.textContent).toBe('Yes (4)'));
    expect(yes.getAttribute('aria-pressed')).toBe('true');
    vote.mockResolvedValueOnce({ helpful: 3, notHelpful: 0 });
    yes.click();
    await waitFor(() => expect(yes.textContent).toBe('Yes (3)'));
    expect(vote.mock.calls).toEqual([
      [7, 'HELPFUL'],
      [7, 'NOTHING'],
    ]);
    expect(yes.getAttribute('aria-pressed')).toBe('false');
  });

  it('is known again on the next page', async () => {
    const { vote, no } = voting();
    vote.mockResolvedValue({ helpful: 3, notHelpful: 1 });
    no.click();
    await waitFor(() => expect(no.getAttribute('aria-pressed')).toBe('true'));
    expect(voting().no.getAttribute('aria-pressed')).toBe('true');
  });

  it('that fails is said, and nothing is shown as cast', async () => {
    const { vote, item, yes } = voting();
    vote.mockRejectedValue(new Error('away'));
    yes.click();
    await waitFor(() => expect(textOf(item.querySelector('.votes [role=status]'))).not.toBe(''));
    expect([yes.textContent, yes.getAttribute('aria-pressed')]).toEqual(['Yes (3)', 'false']);
  });

  it('cannot be cast by an owner who looks', () => {
    expect(
      drawn({}, reading(true)).querySelector<HTMLButtonElement>('.votes button')?.disabled,
    ).toBe(true);
  });
});
