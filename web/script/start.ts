import { askAddresses, UNKNOWN } from './page/addresses';
import { holdFirstPicture } from './page/first-picture';
import { keepFoundSpace } from './page/found-space';
import { leavePreview, readPreview } from './page/preview';
import { isMarked } from './page/context';
import type { Means } from './page/reading';
import { watch } from './page/watch';
import { guarded } from './lib/guarded';
import { registerNodElement } from './nod-element';
import { ShownPage } from './shown-page';
import type { PreviewModule } from './preview';
import type { Recognition } from './page/recognition';

const ONCE = Symbol.for('nodyes');
const script =
  (document.currentScript as HTMLScriptElement | null) ??
  document.querySelector<HTMLScriptElement>('script[src*="/nodyes.js"][data-shop]');

guarded(() => {
  const page = window as unknown as Record<symbol, unknown>;
  // a second line of script asks for nothing that the first one does not
  if (!script || page[ONCE]) return;
  page[ONCE] = true;
  const origin = new URL(script.src).origin;
  const shop = script.dataset['shop'] ?? '';
  const appear = holdFirstPicture(script);
  const begin = () => guarded(() => run(origin, shop, appear).finally(appear));
  if (document.readyState === 'loading') document.addEventListener('DOMContentLoaded', begin);
  else begin();
});

async function run(origin: string, shop: string, appear: () => void): Promise<void> {
  // before anything is waited for: what is painted meanwhile would move
  const found = keepFoundSpace();
  if (found.isKnown) appear();
  const preview = readPreview();
  const owner = preview ? await loadPreview(origin).catch(() => undefined) : undefined;
  registerNodElement();
  const means: Means = { recognition: undefined, addresses: UNKNOWN };
  let learning: Promise<void> | undefined;
  // asked for once, also where it cannot be had: a page may change a thousand times
  const learn = () => (isMarked() ? Promise.resolve() : (learning ??= load()));
  const load = async () => {
    [means.recognition, means.addresses] = await Promise.all([
      loadRecognition(origin).catch(() => undefined),
      askAddresses(origin, shop, owner && preview?.token).catch(() => UNKNOWN),
    ]);
  };
  await learn();
  const page = new ShownPage(origin, shop, means, owner);
  // the owner may look as someone else, or at another moment, without loading the page again
  owner?.listen(() =>
    guarded(async () => {
      learning = undefined;
      await learn();
      await page.lookAnew(readPreview() ?? preview);
    }),
  );
  // from now on, since what comes while the answer is on its way is part of the page too
  watch(() =>
    guarded(async () => {
      await learn();
      page.follow();
    }),
  );
  await page.begin(preview, found, () => {
    leavePreview();
    owner?.end();
  });
}

async function loadRecognition(origin: string): Promise<Recognition> {
  const module = (await import(/* @vite-ignore */ `${origin}/nodyes/recognition.js`)) as {
    recognition: Recognition;
  };
  return module.recognition;
}

async function loadPreview(origin: string): Promise<PreviewModule> {
  const module = (await import(/* @vite-ignore */ `${origin}/nodyes/preview.js`)) as {
    preview: (origin: string) => PreviewModule;
  };
  return module.preview(origin);
}
