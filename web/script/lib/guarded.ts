/** Runs a part of the script so that nothing it throws reaches the shop's page. */
export function guarded(part: () => void | Promise<unknown>): void {
  try {
    const promise = part();
    if (promise) promise.catch(() => undefined);
  } catch {
    // a guest never breaks its host
  }
}
