/** Short enough, also on a slow telephone, for a press or a stroke never to wait for us. */
const LONGEST = 12;

/** Work done in slices, between which the shop's own page goes on. */
export class Slice {
  private since = performance.now();

  isOver(): boolean {
    return performance.now() - this.since > LONGEST;
  }

  async next(): Promise<void> {
    // nobody waits at a page in the background, where what is put off may take seconds
    if (document.hidden) return;
    const { scheduler } = window as { scheduler?: { yield?: () => Promise<void> } };
    await (scheduler?.yield?.() ?? new Promise((done) => setTimeout(done)));
    this.since = performance.now();
  }

  /** Goes on in another slice where this one took too long. */
  async orNext(): Promise<void> {
    if (this.isOver()) await this.next();
  }
}
