import createClient, { type Middleware } from 'openapi-fetch';
import type { components, paths } from '../../contract/schema';
import { locale } from './intl';
import { t } from './t';

export type Schemas = components['schemas'];

/** What the server said went wrong, for people. */
export class Problem extends Error {
  readonly status: number;
  readonly faults: { field: string; reason: string }[];

  constructor(status: number, detail: string, faults: { field: string; reason: string }[] = []) {
    super(detail);
    this.status = status;
    this.faults = faults;
  }
}

/** What this page sends with each change: it follows from the sign-in and is told with it. */
const page = { token: '' };
export const pageIs = (token: string | undefined) => {
  page.token = token ?? '';
};
export const pageHeader = () => ({ 'Nodyes-Page': page.token, 'Accept-Language': locale() });

const marked: Middleware = {
  onRequest({ request }) {
    request.headers.set('Accept-Language', locale());
    if (request.method !== 'GET') request.headers.set('Nodyes-Page', page.token);
    return request;
  },
};

export const api = createClient<paths>({ baseUrl: '' });
api.use(marked);

interface ProblemBody {
  detail?: string;
  faults?: { field: string; reason: string }[];
}

/** The problem in an answer's body. */
export function problemOf(status: number, body: unknown): Problem {
  const said = (body ?? {}) as ProblemBody;
  return new Problem(
    status,
    said.detail ?? t('shared.api.theServerAnsweredYourSaved', { status }),
    said.faults,
  );
}

/** Told to the window when the server knows nobody here any more. */
export const SIGNED_OUT = 'nodyes-signed-out';

/** Whether the same may work later: the server is away, or knows nobody here for now. */
export const mayComeBack = (error: unknown) =>
  !(error instanceof Problem) || [0, 401].includes(error.status) || error.status >= 500;

/** Whether there is nothing to show: no data at all, or the server said that it is no more. */
export const isLost = (asked: { error: unknown; isLoadingError: boolean }) =>
  asked.isLoadingError || (!!asked.error && !mayComeBack(asked.error));

/** The data of an answer, or its problem thrown. */
export async function need<T>(
  call: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<T> {
  let answer: Awaited<typeof call>;
  try {
    answer = await call;
  } catch {
    throw new Problem(0, t('shared.api.noConnectionToNodYes'));
  }
  if (!answer.response.ok) {
    // 403: the page may know an older sign-in than the one that is there now
    if ([401, 403].includes(answer.response.status)) window.dispatchEvent(new Event(SIGNED_OUT));
    throw problemOf(answer.response.status, answer.error);
  }
  return answer.data as T;
}

/** Addresses of the API that take something; the server's own list, so that none can be misspelt. */
type Posted = {
  [Path in keyof paths]: paths[Path] extends { post: object } ? Path : never;
}[keyof paths];

interface Filled {
  path?: Record<string, string>;
  query?: Record<string, string>;
}

/** Sends a form with files; what the server made of it, or its problem thrown. */
export async function sendForm<T>(
  address: Posted,
  form: FormData,
  { path = {}, query = {} }: Filled = {},
): Promise<T> {
  const filled = address.replace(/\{(\w+)\}/g, (_, name: string) =>
    encodeURIComponent(path[name] ?? ''),
  );
  const rest = new URLSearchParams(query).toString();
  const answer = await fetch(rest ? `${filled}?${rest}` : filled, {
    method: 'POST',
    headers: pageHeader(),
    body: form,
  }).catch(() => {
    throw new Problem(0, t('shared.api.noConnectionToNodYes2'));
  });
  const body: unknown = await answer.json().catch(() => undefined);
  if (!answer.ok) throw problemOf(answer.status, body);
  return body as T;
}

/** What the server said, with the value that it is about. */
export function problemText(error: unknown): string {
  if (!(error instanceof Problem)) return t('shared.api.thatDidNotWorkNothing');
  const [fault] = error.faults;
  if (!fault) return error.message;
  return t('shared.api.notSaved', { reason: fault.reason });
}
