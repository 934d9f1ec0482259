/** What was typed, kept for the visit: a page that is loaded again loses nothing. */
export interface Typed {
  stars: number;
  texts: Record<string, string>;
  nameForm: string;
  criteria: Record<string, number>;
  /** the file here, and how it looks small: only people of the shop see it there for now */
  pictures: { file: string; small: string }[];
}

const NAME = 'nodyes-form-';
const NOTHING: Typed = { stars: 0, texts: {}, nameForm: 'AS_GIVEN', criteria: {}, pictures: [] };

export function readTyped(product: string): Typed {
  try {
    const kept = JSON.parse(sessionStorage.getItem(NAME + product) ?? '{}') as Partial<Typed>;
    return structuredClone({ ...NOTHING, ...kept });
  } catch {
    return structuredClone(NOTHING);
  }
}

export function keepTyped(product: string, typed: Typed): void {
  try {
    sessionStorage.setItem(NAME + product, JSON.stringify(typed));
  } catch {
    // full or forbidden: it is kept while the page is open
  }
}

export function forgetTyped(product: string): void {
  try {
    sessionStorage.removeItem(NAME + product);
  } catch {
    // nothing was kept
  }
}
