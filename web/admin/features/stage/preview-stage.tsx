import { useCallback, useEffect, useReducer, useRef } from 'react';
import { Failure, Loading } from '../../ui/empty-state';
import { isLost } from '../../shared/api';
import type { Shop } from '../shop/queries';
import { useKeys, type KeyNames } from '../../shared/keys';
import { useSidePanel } from '../layout/side-panel';
import { useFrames } from '../layout/frame-link';
import { Troubles } from '../layout/missing-spots';
import { LivePage } from './live-page';
import { UpcomingChangesStrip } from './upcoming-changes';
import { usePageCheck } from '../layout/nod-queries';
import { useDraftSteps } from './draft-steps';
import { PageStatus } from './page-status';
import { useNameInAddress, usePageVerdicts, usePreviewToken } from '../layout/queries';
import { Diagnosis } from '../layout/diagnosis';
import { asked, isOurs, neutralPage, shopPage, type ViewpointParts } from '../layout/viewpoint';
import { rowOf } from './row-of';
import { StageAside } from './stage-aside';
import { AT_FIRST, isNeutral, isToBeChecked, stageAfter, tellsStatus } from './stage-state';
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
  const [state, tell] = useReducer(stageAfter, AT_FIRST);
  const { version, why } = state;
  const token = usePreviewToken();
  const name = useNameInAddress(view.kind === 'product' ? view.product : undefined);
  const page = shopPage(shop, view, name);
  const ours = isOurs(view);
  const isAsked = isToBeChecked(state, page, ours);
  const check = usePageCheck(view.kind, view.product, isAsked);
  const neutral = isNeutral(ours, isAsked, check.isFetched);
  const origin = neutral ? window.location.origin : new URL(shop.address).origin;
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
  const heard = !!link.report;
  useEffect(() => {
    if (heard) return;
    const timer = setTimeout(() => tell({ type: 'page-silent', page }), LONGEST_SILENCE);
    return () => clearTimeout(timer);
  }, [page, heard]);
  const { undo, redo } = useDraftSteps(() => tell({ type: 'taken-back' }), link.refresh);
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
  const shown = neutral ? neutralPage(view.kind, products.join(',') || (view.product ?? '')) : page;
  return (
    <div
      className={`grid min-h-0 flex-1 grid-rows-[minmax(0,1fr)_auto] ${beside.what === 'list' ? 'grid-cols-[minmax(0,1fr)_404px]' : 'grid-cols-[minmax(0,1fr)_500px]'}`}
    >
      <section
        aria-label={t('pages.previewStage.livePage')}
        className="flex min-h-0 flex-col bg-ground px-5 pt-4"
      >
        {link.report && !neutral && (
          <Troubles kind={view.kind} report={link.report} publicKey={shop.publicKey} />
        )}
        {tellsStatus(isAsked, neutral, heard) && (
          <PageStatus check={check.data} error={check.error} />
        )}
        {version !== undefined && (
          <p role="status" className="mb-3 rounded-xl bg-plum-soft px-4 py-2">
            <T id="pages.previewStage.youAreViewingVersionNot" values={{ version }} />
          </p>
        )}
        <LivePage
          key={shown}
          address={`${shown}#${told.toString()}`}
          shown={neutral ? t('pages.previewStage.aNeutralPage') : page.replace(/^https?:\/\//, '')}
          screens={view.screens}
          frames={frames}
          onScaled={link.scaled}
        />
      </section>
      <StageAside
        state={state}
        tell={tell}
        beside={beside}
        setBeside={setBeside}
        link={link}
        view={view}
        page={page}
        kind={kind}
        products={products}
        onPage={onPage}
        token={token.data.token}
        onUndo={undo}
      />
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
          onDone={() => tell({ type: 'why-closed' })}
        />
      )}
    </div>
  );
}
