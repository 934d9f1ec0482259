import { useCallback, useEffect, useRef, useState } from 'react';
import { Failure, Loading } from '../../ui/empty';
import { isLost } from '../../shared/api';
import type { Shop } from '../setup/queries';
import { useKeys, type ToldKeys } from '../../shared/keys';
import { TakeBackStrip } from '../../ui/take-back-strip';
import { useSay } from '../../ui/toasts';
import { AddNod } from './add-nod';
import { useBeside } from './beside';
import { useFrames } from './frame-link';
import { KitPanel } from './kit-panel';
import { Troubles } from './lacking';
import { LivePage } from './live-page';
import { MomentsStrip } from './moments-strip';
import { NodOpened } from './nod-opened';
import { doNewestAgain, takeBackNewest, useDraftAct, usePageCheck } from './nod-queries';
import { OnThisPage } from './on-this-page';
import { Point } from './point';
import { groupBySpot } from './rows';
import { Share } from './share';
import { Silent } from './silent';
import { useArrangement, useOnThisPage, usePreviewToken } from './queries';
import { Versions } from './versions';
import { Why } from './why';
import { asked, isOurs, neutralPage, shopPage, type ViewpointParts } from './viewpoint';

interface StageProps {
  shop: Shop;
  view: ViewpointParts;
  onMoment: (moment: string) => void;
}

const LONGEST_SILENCE = 6000;

const TOLD: ToldKeys = [
  ['Esc', 'back to all nods of the page'],
  ['Z', 'take the last act back, as far as the last publication'],
  ['⇧ Z', 'do it again'],
  ['Alt ↑ ↓', 'move the nod that is chosen'],
];

/** The page in its frames, and beside it the nods, one of them, or what else is worked on. */
export function Stage({ shop, view, onMoment }: StageProps) {
  const frames = useRef(new Map<string, HTMLIFrameElement>());
  const [beside, setBeside] = useBeside();
  const [version, setVersion] = useState<number | undefined>();
  const [why, setWhy] = useState<{ nod: string; product: string } | undefined>();
  const [taken, setTaken] = useState<{ words: string; step: number } | undefined>();
  const [silent, setSilent] = useState<string | undefined>();
  const token = usePreviewToken();
  const takeBack = useDraftAct(takeBackNewest);
  const doAgain = useDraftAct(doNewestAgain);
  const lastStep = useArrangement().data?.lastStep;
  const { say, sayProblem } = useSay();
  const page = shopPage(shop, view);
  const ours = isOurs(view);
  const check = usePageCheck(view.kind, view.product, silent === page && !!page && !ours);
  const isNeutral = ours || (silent === page && check.isFetched);
  const origin = isNeutral ? window.location.origin : new URL(shop.address).origin;
  const open = useCallback((nod: string) => setBeside({ what: 'nod', nod }), [setBeside]);
  const link = useFrames(origin, page, frames, open);
  const known = link.report?.context;
  const products =
    known?.products ?? (view.kind !== 'listing' && view.product ? [view.product] : []);
  const kind = known?.kind ?? view.kind;
  const as = {
    ...(known?.variant ? { variant: known.variant } : {}),
    ...asked(view),
    ...(view.screens === 'both' ? {} : { screen: view.screens }),
    ...(version === undefined ? {} : { version: String(version) }),
  };
  const onPage = useOnThisPage(kind, products, as);
  const spots = useArrangement().data?.spots ?? [];
  const heard = !!link.report;
  useEffect(() => {
    if (heard) return;
    const timer = setTimeout(() => setSilent(page), LONGEST_SILENCE);
    return () => clearTimeout(timer);
  }, [page, heard]);
  const undo = () => {
    if (takeBack.isPending) return;
    takeBack.mutate(undefined, {
      onSuccess: (words) => {
        setTaken(undefined);
        link.refresh();
        if (words) say(`Taken back: ${words}`);
      },
      onError: (error) => {
        setTaken(undefined);
        sayProblem(error);
      },
    });
  };
  const redo = () => {
    if (doAgain.isPending) return;
    doAgain.mutate(undefined, {
      onSuccess: (words) => {
        link.refresh();
        if (words) say(`Done again: ${words}`);
      },
      onError: sayProblem,
    });
  };
  const strip = taken && (!lastStep || taken.step >= lastStep.id) ? taken.words : lastStep?.words;
  useKeys(
    {
      z: undo,
      'Shift+z': redo,
      Escape: () => {
        link.stopPointing();
        setBeside({ what: 'list' });
      },
    },
    TOLD,
  );
  if (isLost(token)) return <Failure error={token.error} again={() => void token.refetch()} />;
  if (!token.data || !page) return <Loading />;
  const told = new URLSearchParams({
    'nodyes-preview': token.data.token,
    ...asked(view),
    ...(version === undefined ? {} : { version: String(version) }),
  });
  const shown = isNeutral
    ? neutralPage(view.kind, products.join(',') || (view.product ?? ''))
    : page;
  const back = () => {
    setBeside({ what: 'list' });
    link.mark(undefined);
  };
  const took = (words: string, step: number) => setTaken({ words, step });
  const common = { onChanged: link.refresh, onTaken: took, onDone: back };
  return (
    <div
      className={`grid min-h-0 flex-1 grid-rows-[minmax(0,1fr)_auto] ${beside.what === 'list' ? 'grid-cols-[minmax(0,1fr)_404px]' : 'grid-cols-[minmax(0,1fr)_500px]'}`}
    >
      <section
        aria-label="The live page"
        className="flex min-h-0 flex-col bg-[radial-gradient(circle_at_1px_1px,#e2d8c6_1px,transparent_0)] bg-[length:16px_16px] px-5 pt-4"
      >
        {link.report && !isNeutral && (
          <Troubles kind={view.kind} report={link.report} publicKey={shop.publicKey} />
        )}
        {silent === page && !heard && !ours && <Silent check={check.data} error={check.error} />}
        {isNeutral && heard && !ours && <Silent check={check.data} error={check.error} />}
        {version !== undefined && (
          <p role="status" className="mb-3 rounded-xl bg-plum-soft px-4 py-2">
            You look at version {version}, not at your draft.
          </p>
        )}
        <LivePage
          key={shown}
          address={`${shown}#${told.toString()}`}
          shown={isNeutral ? 'a neutral page' : page.replace(/^https?:\/\//, '')}
          screens={view.screens}
          frames={frames}
        />
      </section>
      <aside
        className="flex min-h-0 flex-col border-l border-line bg-paper"
        aria-label="On this page"
      >
        {beside.what === 'list' && (
          <>
            <OnThisPage
              {...common}
              page={onPage}
              at={view.moment}
              version={version}
              report={link.report}
              picked={link.hovered}
              onOpen={(nod) => {
                open(nod);
                link.show(nod);
              }}
              onPoint={link.mark}
              onWhy={(nod, product) => setWhy({ nod, product })}
              onAdd={(spot) => setBeside({ what: 'add', spot })}
            />
            <footer className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-line px-4.5 py-2.5 text-[13px]">
              <FootLink onClick={() => setBeside({ what: 'point' })}>Point at the page</FootLink>
              <FootLink onClick={() => setBeside({ what: 'kit' })}>Brand kit</FootLink>
              <FootLink onClick={() => setBeside({ what: 'versions' })}>Versions</FootLink>
              <Share page={page} as={asked(view)} zone={onPage.data?.zone ?? 'UTC'} />
            </footer>
          </>
        )}
        {beside.what === 'nod' && (
          <NodOpened
            key={beside.nod}
            {...common}
            id={beside.nod}
            view={view}
            row={rowOf(onPage.data?.nods ?? [], link.report, beside.nod)}
            zone={onPage.data?.zone ?? 'UTC'}
            onOpen={open}
          />
        )}
        {beside.what === 'add' && (
          <AddNod
            page={kind}
            product={products[0]}
            token={token.data.token}
            spot={beside.spot}
            onDone={back}
            onAdded={(nod, step) => {
              took('Added', step);
              link.refresh();
              open(nod);
              link.show(nod);
            }}
          />
        )}
        {beside.what === 'point' && (
          <Point
            link={link}
            page={kind}
            taken={spots.map((spot) => spot.name)}
            onDone={(made) => {
              if (made) {
                took('Made a spot', made.step);
                link.refresh();
                setBeside({ what: 'add', spot: made.name });
              } else back();
            }}
          />
        )}
        {beside.what === 'versions' && (
          <Versions
            {...common}
            zone={onPage.data?.zone ?? 'UTC'}
            shown={version}
            onShow={setVersion}
          />
        )}
        {beside.what === 'kit' && <KitPanel {...common} link={link} />}
        {strip && version === undefined && <TakeBackStrip words={strip} onUndo={undo} />}
      </aside>
      <div className="col-span-2 min-w-0">
        <MomentsStrip
          kind={kind}
          products={products}
          as={as}
          moment={view.moment}
          onGo={onMoment}
        />
      </div>
      {why && (
        <Why
          name={rowOf(onPage.data?.nods ?? [], link.report, why.nod)?.name ?? 'This nod'}
          asked={{
            nod: why.nod,
            kind,
            product: why.product,
            ...(view.kind === 'listing' && view.product ? { of: view.product } : {}),
            ...as,
          }}
          onDone={() => setWhy(undefined)}
        />
      )}
    </div>
  );
}

function FootLink({ onClick, children }: { onClick: () => void; children: string }) {
  return (
    <button type="button" className="text-plum underline" onClick={onClick}>
      {children}
    </button>
  );
}

function rowOf(
  placed: Parameters<typeof groupBySpot>[0],
  report: Parameters<typeof groupBySpot>[1],
  nod: string,
) {
  const { spots, elsewhere } = groupBySpot(placed, report);
  return [...spots.flatMap((spot) => spot.rows), ...elsewhere].find((row) => row.nod === nod);
}
