import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Reading } from './reading';
import { ask } from './requests';

const SERVER = Date.parse('2026-11-26T14:20:00Z');
const PAGE = {
  context: { kind: 'product', products: ['pot'], language: 'de' },
} as Reading;

/** A server that answers after so long, its clock in the header that the script reads. */
function answers(status: number, body: object, headers: Record<string, string>, took = 0) {
  let clock = 1000;
  vi.spyOn(performance, 'now').mockImplementation(() => clock);
  const asked: string[] = [];
  vi.stubGlobal('fetch', (address: string) => {
    asked.push(address);
    clock += took;
    return Promise.resolve(new Response(JSON.stringify(body), { status, headers }));
  });
  return { asked, pass: (milliseconds: number) => (clock += milliseconds) };
}

const arrived = async (preview?: Parameters<typeof ask>[3]) => {
  const answer = await ask('https://nods.example', 'key', PAGE, preview);
  if (!answer || answer === 'ended') throw new Error('nothing arrived');
  return answer;
};

describe('the question for a page', () => {
  beforeEach(() => vi.unstubAllGlobals());

  it('says what the page is, for which shop, in which language', async () => {
    const { asked } = answers(200, {}, {});
    await arrived();
    const query = new URL(asked[0]!).searchParams;
    expect(query.get('kind')).toBe('product');
    expect(query.get('product')).toBe('pot');
    expect(query.get('lang')).toBe('de');
    expect(query.get('shop')).toBe('key');
    expect(query.get('tz')).toBeTruthy();
    expect(query.has('draft')).toBe(false);
  });

  it('says the signs of a page that does not say what it is', async () => {
    const { asked } = answers(200, {}, {});
    const signs = {
      about: 'jar',
      query: [
        ['address', '/p/jar'],
        ['data', 'sku:J'],
        ['data', 'sku:K'],
      ],
      cards: [],
    };
    await ask('https://nods.example', 'key', { signs } as unknown as Reading, undefined);
    const query = new URL(asked[0]!).searchParams;
    expect(query.has('kind')).toBe(false);
    expect(query.get('address')).toBe('/p/jar');
    expect(query.getAll('data')).toEqual(['sku:J', 'sku:K']);
    expect(query.get('lang')).toBe('en');
  });

  it("follows the server's clock, taking its instant for the middle of the way", async () => {
    const { pass } = answers(200, {}, { 'nodyes-time': String(SERVER) }, 400);
    const { now } = await arrived();
    expect(now()).toBe(SERVER + 200);
    pass(60_000);
    expect(now()).toBe(SERVER + 60_200);
  });

  it('reads the date of the answer where the instant is not named', async () => {
    answers(200, {}, { date: 'Thu, 26 Nov 2026 14:20:00 GMT' });
    expect((await arrived()).now()).toBe(SERVER);
  });

  it('holds until its instant and a moment', async () => {
    const validUntil = new Date(SERVER + 5000).toISOString();
    answers(200, { validUntil }, { 'nodyes-time': String(SERVER) });
    expect((await arrived()).holdsFor).toBe(5020);
  });

  it('holds for a moment where its instant is over when it comes, and for good without one', async () => {
    const validUntil = new Date(SERVER - 5000).toISOString();
    answers(200, { validUntil }, { 'nodyes-time': String(SERVER) });
    expect((await arrived()).holdsFor).toBe(20);
    answers(200, {}, { 'nodyes-time': String(SERVER) });
    expect((await arrived()).holdsFor).toBeUndefined();
  });

  it('is nothing where the server fails, and the end of a preview that is not allowed', async () => {
    answers(503, {}, {});
    expect(await ask('https://nods.example', 'key', PAGE, undefined)).toBeUndefined();
    answers(403, {}, {});
    expect(await ask('https://nods.example', 'key', PAGE, undefined)).toBeUndefined();
    expect(
      await ask('https://nods.example', 'key', PAGE, { token: 't' } as Parameters<typeof ask>[3]),
    ).toBe('ended');
  });
});
