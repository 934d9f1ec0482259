import { afterEach, beforeAll, describe, expect, it, vi } from 'vitest';

let api: typeof import('./api');
beforeAll(async () => {
  api = await import('./api');
});
afterEach(() => void vi.unstubAllGlobals());

const answer = (status: number, body?: unknown) => ({
  ...(status < 400 ? { data: body } : { error: body }),
  response: new Response(null, { status }),
});
const problem = (call: Promise<unknown>) =>
  call.then(
    () => undefined,
    (error: unknown) => error as InstanceType<typeof api.Problem>,
  );

describe('an answer', () => {
  it('gives its data', async () => {
    await expect(api.need(Promise.resolve(answer(200, { n: 1 })))).resolves.toEqual({ n: 1 });
  });

  it('that is a refusal says in the server’s words what is wrong, and with which field', async () => {
    const faults = [{ field: 'zone', reason: 'This is no time zone.' }];
    const refused = await problem(
      api.need(Promise.resolve(answer(400, { detail: 'Please check.', faults }))),
    );
    expect(refused).toMatchObject({ status: 400, message: 'Please check.', faults });
    expect(api.problemText(refused)).toContain('This is no time zone.');
  });

  it('of nobody is told apart from one that the server gave', async () => {
    const away = await problem(api.need(Promise.reject(new TypeError('fetch failed'))));
    expect(away?.status).toBe(0);
    expect(away?.message).toMatch(/no connection/i);
  });

  it('without words still says that what is saved is safe', async () => {
    const silent = await problem(api.need(Promise.resolve(answer(502, '<html>'))));
    expect(silent?.message).toMatch(/502/);
    expect(silent?.faults).toEqual([]);
  });

  it.each([
    [401, 1],
    [403, 1],
    [404, 0],
    [500, 0],
  ])('of status %i tells the window %i times that nobody is known', async (status, times) => {
    const heard = vi.fn();
    window.addEventListener(api.SIGNED_OUT, heard);
    await problem(api.need(Promise.resolve(answer(status, {}))));
    window.removeEventListener(api.SIGNED_OUT, heard);
    expect(heard).toHaveBeenCalledTimes(times);
  });
});

describe('what may work later', () => {
  it.each([
    [0, true],
    [401, true],
    [500, true],
    [503, true],
    [400, false],
    [404, false],
    [422, false],
  ])('status %i: %s', (status, may) => {
    expect(api.mayComeBack(new api.Problem(status, ''))).toBe(may);
  });

  it('is not lost: what is on the screen stays while the server is away', () => {
    const asked = (status: number, isLoadingError: boolean) =>
      api.isLost({ error: new api.Problem(status, ''), isLoadingError });
    expect([asked(503, false), asked(0, false), asked(404, false), asked(503, true)]).toEqual([
      false,
      false,
      true,
      true,
    ]);
  });
});

describe('a form with files', () => {
  const fetching = (status: number, body: string) => {
    const asked: { address: string; headers: Record<string, string> }[] = [];
    vi.stubGlobal('fetch', (address: string, { headers }: { headers: Record<string, string> }) => {
      asked.push({ address, headers });
      return Promise.resolve(new Response(body, { status }));
    });
    return asked;
  };

  it('goes with the page’s token, to an address whose parts are escaped', async () => {
    const asked = fetching(200, '{"id":1}');
    api.pageIs('token-of-this-sign-in');
    const made = await api.sendForm('/api/v1/feeds/{kind}/files', new FormData(), {
      path: { kind: 'a/b?c' },
      query: { whole: 'true' },
    });
    expect(made).toEqual({ id: 1 });
    expect(asked[0]?.address).toBe('/api/v1/feeds/a%2Fb%3Fc/files?whole=true');
    expect(asked[0]?.headers['Nodyes-Page']).toBe('token-of-this-sign-in');
  });

  it('that is refused by something that is not ours says so without its markup', async () => {
    fetching(413, '<html><h1>413</h1></html>');
    const refused = await problem(api.sendForm('/api/v1/imports', new FormData()));
    expect(refused?.status).toBe(413);
    expect(refused?.message).not.toContain('<');
  });
});
