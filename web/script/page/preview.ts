/** How the owner looks at the page: told in the address's fragment, which no server gets to see. */
export interface Preview {
  token: string;
  at: string | undefined;
  lang: string | undefined;
  country: string | undefined;
  variant: string | undefined;
}

const KEY = 'nodyes-preview';

/** Only in a frame; kept while the owner follows links in it. */
export function readPreview(): Preview | undefined {
  if (window.parent === window) return undefined;
  const given = new URLSearchParams(location.hash.slice(1));
  let text = given.has(KEY) ? given.toString() : null;
  try {
    if (text) sessionStorage.setItem(KEY, text);
    else text = sessionStorage.getItem(KEY);
  } catch {
    // without storage the preview holds for this page alone
  }
  if (!text) return undefined;
  const said = new URLSearchParams(text);
  const token = said.get(KEY);
  if (!token) return undefined;
  return {
    token,
    at: said.get('at') ?? undefined,
    lang: said.get('lang') ?? undefined,
    country: said.get('country') ?? undefined,
    variant: said.get('variant') ?? undefined,
  };
}
