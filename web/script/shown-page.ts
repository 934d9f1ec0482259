import { loadKinds } from '../nods/kinds';
import { WALL_ID } from '../nods/shared/anchor';
import { forgetCountry } from './page/country';
import { all } from './page/dom';
import type { FoundSpace } from './page/found-space';
import { askToTakeBack } from './page/form';
import { Located } from './page/located';
import { ask } from './page/requests';
import { keepSpace } from './page/reserved-space';
import { reportSeen } from './page/seen-report';
import { reportViews } from './page/view-reports';
import { paint, type Drawn, type Painted } from './render';
import { guarded } from './lib/guarded';
import { Slice } from './lib/slice';
import type { Arrived } from './lib/response-types';
import { TAG } from './nod-element';
import type { PageContext } from './page/context';
import type { Preview } from './page/preview';
import { readPage, type Means, type Reading } from './page/reading';
import type { PreviewModule } from './preview';

const LONGEST_WAIT = 2 ** 31 - 1;
/** The page as it is shown: asks for it, draws it, and follows it where it changes without loading. */
export class ShownPage {
  private preview: Preview | undefined;
  private reading: Reading;
  private onEnd: () => void = () => undefined;
  private asks = 0;
  private drawn: Drawn | undefined;
  private drawing: Promise<void> | undefined;
  private next: ReturnType<typeof setTimeout> | undefined;
  private told = '';

  constructor(
    private readonly origin: string,
    private readonly shop: string,
    private readonly means: Means,
    private owner: PreviewModule | undefined,
  ) {
    this.reading = readPage(means);
  }

  /** Shows the page for the first time, in the room that is kept for it. */
  async begin(preview: Preview | undefined, found: FoundSpace, onEnd: () => void): Promise<void> {
    this.preview = preview;
    this.onEnd = onEnd;
    const marked = keepSpace();
    // to read a page takes a while, and so does to ask
    await new Slice().next();
    const arrived = await this.show().catch(() => false);
    guarded(() => marked.settle(arrived));
    guarded(() => found.settle(arrived));
    // a link from a card leads to reviews that were not there when the page was
    if (arrived && location.hash === `#${WALL_ID}`)
      document.getElementById(WALL_ID)?.scrollIntoView();
  }

  /** The owner looks as someone else, or at another moment. */
  async lookAnew(preview: Preview | undefined): Promise<void> {
    this.preview = preview;
    this.reading = readPage(this.means);
    forgetCountry();
    await this.show();
  }

  /** The page may have become another one; what it no longer says goes at once. */
  follow(): void {
    const reading = readPage(this.means);
    if (reading.key !== this.reading.key) {
      this.forget(reading);
      this.reading = reading;
      guarded(() => this.show());
    } else if (this.drawn) {
      // the same page, parts of which came later or were put up anew
      this.reading = reading;
      const { arrived, kinds } = this.drawn;
      guarded(() => this.draw({ arrived, kinds, located: this.locate(reading, arrived) }));
    }
  }

  private forget(next: Reading): void {
    clearTimeout(this.next);
    const before = this.drawn?.located.context;
    // of another variant of the same product most stays as it is, so it waits for the answer
    const isOther = before?.kind === 'product' && next.signs?.about !== this.reading.signs?.about;
    const stays = new Set(next.context?.products ?? before?.products.slice(isOther ? 1 : 0));
    for (const nod of all(TAG)) if (!stays.has(nod.dataset['product'] ?? '')) nod.remove();
    this.drawn = undefined;
  }

  private async show(): Promise<boolean> {
    const mine = ++this.asks;
    const { origin, shop, reading, preview } = this;
    const arrived = await ask(origin, shop, reading, preview);
    // something else was asked for since
    if (mine !== this.asks) return true;
    if (arrived === 'ended') {
      // a link to a draft that is over, or was changed: the page is what shoppers get
      this.onEnd();
      this.owner = undefined;
      if (preview?.framed) return false;
      this.preview = undefined;
      return this.show();
    }
    if (!arrived) return false;
    const kinds = await loadKinds(
      origin,
      arrived.answer.nods.map(({ kind }) => kind),
    );
    if (mine !== this.asks) return true;
    const slice = new Slice();
    // cards may have come since it was asked for
    const now = readPage(this.means);
    if (now.key === reading.key) this.reading = now;
    await slice.orNext();
    const located = this.locate(this.reading, arrived);
    await slice.orNext();
    if (mine !== this.asks) return true;
    clearTimeout(this.next);
    if (arrived.holdsFor !== undefined && arrived.holdsFor < LONGEST_WAIT && !preview)
      this.next = setTimeout(() => guarded(() => this.show()), arrived.holdsFor);
    await this.draw({ arrived, kinds, located });
    return true;
  }

  private locate(reading: Reading, { answer }: Arrived): Located {
    return new Located(reading, answer.page, this.means);
  }

  /** Ends when what is current is drawn, which may have become another drawing meanwhile. */
  private draw(drawn: Drawn): Promise<void> {
    this.drawn = drawn;
    return (this.drawing = this.drawnOut(drawn));
  }

  private async drawnOut(drawn: Drawn): Promise<void> {
    const { located } = drawn;
    const again = () => guarded(() => this.show());
    const isCurrent = () => this.drawn === drawn;
    const nods = await paint(drawn, this.origin, !!this.preview, again, isCurrent);
    if (nods) {
      this.owner?.tell(located, this.shop, nods);
      this.tellOthers(located, nods);
    } else if (this.drawn) await this.drawing;
  }

  /** Once for each page: visitors are counted, machines told, and whoever comes to take a review back asked. */
  private tellOthers({ context }: Located, painted: Painted[]): void {
    const page = JSON.stringify([location.pathname, context.kind, context.products[0]]);
    if (page === this.told) return;
    this.told = page;
    guarded(() => reportViews(this.origin, context, !!this.preview));
    if (this.preview) return;
    guarded(() => reportSeen(this.origin, this.shop, this.reading, painted));
    guarded(() => askToTakeBack(this.origin, context));
    guarded(() => putStructured(this.origin, context, () => this.told === page));
  }
}

/** What machines are told, by a file that listings need not load. */
async function putStructured(
  origin: string,
  context: PageContext,
  isCurrent: () => boolean,
): Promise<void> {
  if (context.kind !== 'product') {
    document.getElementById('nodyes-structured')?.remove();
    return;
  }
  const module = (await import(/* @vite-ignore */ `${origin}/nodyes/structured.js`)) as {
    putStructured: (
      origin: string,
      context: PageContext,
      isCurrent: () => boolean,
    ) => Promise<void>;
  };
  await module.putStructured(origin, context, isCurrent);
}
