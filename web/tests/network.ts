/** What answers in place of a server; to be imported before anything that asks one. */
export const network: { answer: (request: Request, given: unknown) => Promise<Response> } = {
  answer: () => Promise.reject(new TypeError('nobody answers')),
};

// the client of the API takes both once, when it is made; a browser's know relative addresses
const here = (address: string) => new URL(address, location.href).href;
globalThis.Request = class extends Request {
  constructor(input: RequestInfo | URL, init?: RequestInit) {
    super(typeof input === 'string' ? here(input) : input, init);
  }
};
globalThis.fetch = (input, init) =>
  network.answer(
    input instanceof Request
      ? input
      : new Request(String(input), { method: init?.method ?? 'GET' }),
    init?.body,
  );
