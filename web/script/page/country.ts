const KEY = 'nodyes-country';
let picked: string | undefined;

/** The country that the shopper chose, if one was. */
export function chosenCountry(isLookedAt: boolean): string | undefined {
  if (picked) return picked;
  if (isLookedAt) return undefined;
  try {
    return localStorage.getItem(KEY) ?? undefined;
  } catch {
    return undefined;
  }
}

/** Keeps a shopper's choice in this browser; of one who only looks it holds for the page. */
export function chooseCountry(code: string, isLookedAt: boolean): void {
  picked = code;
  if (isLookedAt) return;
  try {
    localStorage.setItem(KEY, code);
  } catch {
    // without storage it holds for this page alone
  }
}

/** The owner looks as someone else. */
export function forgetCountry(): void {
  picked = undefined;
}
