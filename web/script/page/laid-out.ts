/** When the browser has laid out what was changed, so that measuring costs nothing. */
export function laidOut(): Promise<void> {
  return new Promise((done) => requestAnimationFrame(() => setTimeout(done)));
}
