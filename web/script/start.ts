import { loadKinds } from '../nods/kinds';
import { ask } from './page/requests';
import { forgetCountry } from './page/country';
import { readContext, type PageContext } from './page/context';
import { leavePreview, readPreview, type Preview } from './page/preview';
import { askToTakeBack } from './page/form';
import { keepSpace } from './page/reserved-space';
import { putStructured } from './page/structured';
import { reportViews } from './page/view-reports';
import { paint } from './render';
import { guarded } from './lib/guarded';
import { WALL_ID } from '../nods/shared/anchor';
import { registerNodElement } from './nod-element';
import type { PreviewModule } from './preview';

const LONGEST_WAIT = 2 ** 31 - 1;
const script = document.currentScript as HTMLScriptElement | null;

guarded(() => {
  if (!script) return;
  const origin = new URL(script.src).origin;
  const shop = script.dataset['shop'] ?? '';
  const begin = () => guarded(() => run(origin, shop));
  if (document.readyState === 'loading') document.addEventListener('DOMContentLoaded', begin);
  else begin();
});

async function run(origin: string, shop: string): Promise<void> {
  const context = readContext();
  const preview = readPreview();
  const owner = preview ? await loadPreview(origin).catch(() => undefined) : undefined;
  if (!context) {
    owner?.tell({ context, shop, nods: [] });
    return;
  }
  registerNodElement();
  if (!preview) guarded(() => askToTakeBack(origin, context));
  const space = keepSpace();
  // the owner may look as someone else, or at another moment, without loading the page again
  const refresh = () => show(origin, shop, context, readPreview() ?? preview, owner);
  owner?.listen(() => {
    forgetCountry();
    guarded(refresh);
  });
  const arrived = await refresh().catch(() => false);
  space.settle(arrived);
  if (arrived) guarded(() => reportViews(origin, context, !!preview));
  // a link from a card leads to reviews that were not there when the page was
  if (arrived && location.hash === `#${WALL_ID}`)
    document.getElementById(WALL_ID)?.scrollIntoView();
  if (arrived && !preview) guarded(() => putStructured(origin, context));
}

let asks = 0;
let drawn = 0;

async function show(
  origin: string,
  shop: string,
  context: PageContext,
  preview: Preview | undefined,
  owner: PreviewModule | undefined,
): Promise<boolean> {
  const mine = ++asks;
  const arrived = await ask(origin, shop, context, preview);
  if (arrived === 'ended') {
    // a link to a draft that is over, or was changed: the page is what shoppers get
    leavePreview();
    owner?.end();
    return preview?.framed ? false : show(origin, shop, context, undefined, undefined);
  }
  if (!arrived) return false;
  const kinds = await loadKinds(
    origin,
    arrived.answer.nods.map(({ kind }) => kind),
  );
  // an answer to a later question was there first
  if (mine < drawn) return true;
  drawn = mine;
  const again = () => guarded(() => show(origin, shop, context, preview, owner));
  const painted = paint(arrived, kinds, origin, !!preview, again);
  owner?.tell({ context, shop, nods: painted });
  if (arrived.holdsFor !== undefined && arrived.holdsFor < LONGEST_WAIT && !preview) {
    setTimeout(again, arrived.holdsFor);
  }
  return true;
}

async function loadPreview(origin: string): Promise<PreviewModule> {
  const module = (await import(/* @vite-ignore */ `${origin}/nodyes/preview.js`)) as {
    preview: (origin: string) => PreviewModule;
  };
  return module.preview(origin);
}
