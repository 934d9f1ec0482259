/** How the owner looks at the page: told in the address's fragment, which no server gets to see. */
export interface Preview {
  token: string;
  /** whether the back office frames the page; else it was opened by a link */
  framed: boolean;
  at: string | undefined;
  lang: string | undefined;
  country: string | undefined;
  variant: string | undefined;
  /** a kind of nod to show alone, as a new one would be */
  trial: string | undefined;
  /** a published version in place of the draft */
  version: string | undefined;
}

const KEY = 'nodyes-preview';
const SHARED = 'nodyes-look';

/** In the back office's frame, or by a link to a draft that was handed on; kept while links are followed. */
export function readPreview(): Preview | undefined {
  const framed = window.parent !== window;
  const key = framed ? KEY : SHARED;
  const given = new URLSearchParams(location.hash.slice(1));
  let text = given.has(key) ? given.toString() : null;
  try {
    if (text) sessionStorage.setItem(key, text);
    else text = sessionStorage.getItem(key);
  } catch {
    // without storage the preview holds for this page alone
  }
  if (!text) return undefined;
  const said = new URLSearchParams(text);
  const token = said.get(key);
  if (!token) return undefined;
  return {
    token,
    framed,
    at: said.get('at') ?? undefined,
    lang: said.get('lang') ?? undefined,
    country: said.get('country') ?? undefined,
    variant: said.get('variant') ?? undefined,
    version: said.get('version') ?? undefined,
    trial: said.get('trial') ?? undefined,
  };
}

/** Ends a look at a draft: from now on the page is what shoppers get. */
export function leavePreview(): void {
  try {
    sessionStorage.removeItem(SHARED);
  } catch {
    // nothing was kept
  }
}
