/** A random name that a storage keeps; where it keeps nothing, the name holds for this page alone. */
export function keptName(storage: () => Storage, key: string): string {
  const kept = attempt(() => storage().getItem(key));
  if (kept) return kept;
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  const name = [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('');
  attempt(() => storage().setItem(key, name));
  return name;
}

function attempt<T>(act: () => T): T | undefined {
  try {
    return act();
  } catch {
    return undefined;
  }
}
