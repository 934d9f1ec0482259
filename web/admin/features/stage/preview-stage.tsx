import { useCallback, useEffect, useRef, useState } from 'react';
import { Failure, Loading } from '../../ui/empty-state';
import { isLost } from '../../shared/api';
import type { Shop } from '../shop/queries';
import { useKeys, type KeyNames } from '../../shared/keys';
import { UndoBar } from '../../ui/undo-bar';
import { useNotify } from '../../ui/toasts';
import { AddNod } from '../panel/add-nod';
import { useSidePanel } from '../layout/side-panel';
import { useFrames } from '../layout/frame-link';
import { BrandKitPanel } from '../panel/brand-kit-panel';
import { Troubles } from '../layout/missing-spots';
import { LivePage } from './live-page';
import { UpcomingChangesStrip } from './upcoming-changes';
import { NodPanel } from '../nod-editor/nod-panel';
import { doNewestAgain, takeBackNewest, useDraftAct, usePageCheck } from '../layout/nod-queries';
import { NodList } from '../panel/nod-list';
import { SpotPicker } from '../pointing/spot-picker';
import { groupBySpot } from '../layout/verdict-rows';
import { SharePreview } from './share-preview';
import { PageStatus } from './page-status';
import { useLayout, usePageVerdicts, usePreviewToken } from '../layout/queries';
import { Versions } from '../versions/versions';
import { Diagnosis } from '../layout/diagnosis';
import { asked, isOurs, neutralPage, shopPage, type ViewpointParts } from '../layout/viewpoint';
import { T, t } from '../../shared/t';

interface StageProps {
  shop: Shop;
  view: ViewpointParts;
  onMoment: (moment: string) => void;
}

const LONGEST_SILENCE = 6000;

const TOLD: KeyNames = [
  ['Esc', t('pages.previewStage.backToAllNodsOn')],
  ['Z', t('pages.previewStage.undoBackToTheLast')],
  ['⇧ Z', t('pages.previewStage.redo')],
  ['Alt ↑ ↓', t('pages.previewStage.moveTheSelectedNod')],
];

/** The page in its frames, and beside it the nods, one of them, or what else is worked on. */
export function PreviewStage({ shop, view, onMoment }: StageProps) {
  const frames = useRef(new Map<string, HTMLIFrameElement>());
  const [beside, setBeside] = useSidePanel();
  const [version, setVersion] = useState<number | undefined>();
  const [why, setWhy] = useState<{ nod: string; product: string } | undefined>();
  const [taken, setTaken] = useState<{ words: string; step: number } | undefined>();
  const [silent, setSilent] = useState<string | undefined>();
  const token = usePreviewToken();
  const takeBack = useDraftAct(takeBackNewest);
  const doAgain = useDraftAct(doNewestAgain);
  const lastStep = useLayout().data?.lastStep;
  const { say, sayProblem } = useNotify();
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
  const onPage = usePageVerdicts(kind, products, as);
  const spots = useLayout().data?.spots ?? [];
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
        if (words) say(t('pages.previewStage.undone', { words }));
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
        if (words) say(t('pages.previewStage.redone', { words }));
      },
      onError: sayProblem,
    });
  };
  const strip = taken && (!lastStep || taken.step >= lastStep.id) ? taken.words : lastStep?.message;
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
        aria-label={t('pages.previewStage.livePage')}
        className="flex min-h-0 flex-col bg-ground px-5 pt-4"
      >
        {link.report && !isNeutral && (
          <Troubles kind={view.kind} report={link.report} publicKey={shop.publicKey} />
        )}
        {silent === page && !heard && !ours && (
          <PageStatus check={check.data} error={check.error} />
        )}
        {isNeutral && heard && !ours && <PageStatus check={check.data} error={check.error} />}
        {version !== undefined && (
          <p role="status" className="mb-3 rounded-xl bg-plum-soft px-4 py-2">
            <T id="pages.previewStage.youAreViewingVersionNot" values={{ version }} />
          </p>
        )}
        <LivePage
          key={shown}
          address={`${shown}#${told.toString()}`}
          shown={
            isNeutral ? t('pages.previewStage.aNeutralPage') : page.replace(/^https?:\/\//, '')
          }
          screens={view.screens}
          frames={frames}
          onScaled={link.scaled}
        />
      </section>
      <aside
        className="flex min-h-0 flex-col border-l border-line bg-paper"
        aria-label={t('pages.previewStage.onThisPage')}
      >
        {beside.what === 'list' && (
          <>
            <NodList
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
              <FootLink onClick={() => setBeside({ what: 'point' })}>
                {t('pages.previewStage.pickAPlace')}
              </FootLink>
              <FootLink onClick={() => setBeside({ what: 'kit' })}>
                {t('pages.previewStage.houseStyle')}
              </FootLink>
              <FootLink onClick={() => setBeside({ what: 'versions' })}>
                {t('pages.previewStage.versions')}
              </FootLink>
              <SharePreview page={page} as={asked(view)} zone={onPage.data?.zone ?? 'UTC'} />
            </footer>
          </>
        )}
        {beside.what === 'nod' && (
          <NodPanel
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
              took(t('pages.previewStage.nodAdded'), step);
              link.refresh();
              open(nod);
              link.show(nod);
            }}
          />
        )}
        {beside.what === 'point' && (
          <SpotPicker
            link={link}
            page={kind}
            taken={spots.map((spot) => spot.name)}
            onDone={(made) => {
              if (made) {
                took(t('pages.previewStage.spotSaved'), made.step);
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
        {beside.what === 'kit' && <BrandKitPanel {...common} link={link} />}
        {strip && version === undefined && <UndoBar words={strip} onUndo={undo} />}
      </aside>
      <div className="col-span-2 min-w-0">
        <UpcomingChangesStrip
          kind={kind}
          products={products}
          as={as}
          moment={view.moment}
          onGo={onMoment}
        />
      </div>
      {why && (
        <Diagnosis
          name={
            rowOf(onPage.data?.nods ?? [], link.report, why.nod)?.name ??
            t('pages.previewStage.thisNod')
          }
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
