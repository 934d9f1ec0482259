import base from './shared/nod.css?inline';
import looks from './shared/looks.css?inline';
import starLineCss from './star-line/view.css?inline';
import { FILES } from './files';
import { drawnFrom } from './shared/drawings';
import { firm } from '../script/lib/sheet';
import { Slice } from '../script/lib/slice';
import { starLine } from './star-line/view';
import type { AnyNod } from '../script/lib/response-types';
import type { ViewContext } from './shared/view';

type KindName = AnyNod['kind'];
export type AnyView = (nod: never, context: ViewContext) => Node;

/** What draws one or some kinds of nod, with its rules; loaded when a page has such a nod. */
export interface KindModule {
  css: string;
  views: Partial<Record<KindName, AnyView>>;
  /** what a nod sets on its own element, where its shape is that of all of it */
  host?: (element: HTMLElement, nod: never) => void;
}

/** How nods of a kind are drawn on this page. */
export interface Drawn {
  view: AnyView;
  host: KindModule['host'];
  sheets: CSSStyleSheet[];
}

export type Kinds = Map<KindName, Drawn>;

const OWN: KindModule = { css: starLineCss, views: { 'star-line': starLine } };

const loaded = new Map<string, Promise<KindModule>>();

/** How to draw these kinds; one whose file cannot be had is left out. */
export async function loadKinds(origin: string, kinds: KindName[]): Promise<Kinds> {
  const drawn: Kinds = new Map();
  const slice = new Slice();
  const begun: [KindName, Promise<KindModule | undefined>][] = [];
  // all are under way before any is waited for; to begin one takes a slow telephone a while
  for (const kind of new Set(kinds)) {
    const file = FILES[kind];
    begun.push([kind, file ? load(origin, file).catch(() => undefined) : Promise.resolve(OWN)]);
    await slice.orNext();
  }
  await Promise.all(
    begun.map(async ([kind, loading]) => {
      const module = await loading;
      const view = module?.views[kind];
      if (module && view)
        drawn.set(kind, {
          view,
          host: module.host,
          sheets: [base + looks, module.css].map((css) => firm(drawnFrom(origin, css))),
        });
    }),
  );
  return drawn;
}

function load(origin: string, file: string): Promise<KindModule> {
  const known = loaded.get(file);
  if (known) return known;
  const module = import(/* @vite-ignore */ `${origin}/nodyes/${file}.js`) as Promise<KindModule>;
  loaded.set(file, module);
  // what could not be had is tried again with the next answer
  module.catch(() => loaded.delete(file));
  return module;
}
