const KEY = 'nodyes-voter';
let kept: string | undefined;

/** A random name for this browser's votes, made when the first is cast; it tells nothing of a person. */
export function voter(): string {
  kept ??= stored() ?? fresh();
  return kept;
}

function stored(): string | undefined {
  try {
    return localStorage.getItem(KEY) ?? undefined;
  } catch {
    return undefined;
  }
}

function fresh(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  const name = [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('');
  try {
    localStorage.setItem(KEY, name);
  } catch {
    // without storage the name holds for this page alone
  }
  return name;
}
