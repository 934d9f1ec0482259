import { AddNod } from '../panel/add-nod';
import { BrandKitPanel } from '../panel/brand-kit-panel';
import { NodList } from '../panel/nod-list';
import { NodPanel } from '../nod-editor/nod-panel';
import { SpotPicker } from '../pointing/spot-picker';
import { Versions } from '../versions/versions';
import { UndoBar } from '../../ui/undo-bar';
import { useLayout, type usePageVerdicts } from '../layout/queries';
import type { useFrames } from '../layout/frame-link';
import type { SidePanel } from '../layout/side-panel';
import { asked, type ViewpointParts } from '../layout/viewpoint';
import { rowOf } from './row-of';
import { SharePreview } from './share-preview';
import { lastChange, type StageAct, type StageState } from './stage-state';
import { t } from '../../shared/t';

interface StageAsideProps {
  state: StageState;
  tell: (act: StageAct) => void;
  beside: SidePanel;
  setBeside: (next: SidePanel) => void;
  link: ReturnType<typeof useFrames>;
  view: ViewpointParts;
  /** the shop's page, with what it is and what is on it */
  page: string;
  kind: string;
  products: string[];
  onPage: ReturnType<typeof usePageVerdicts>;
  token: string;
  onUndo: () => void;
}

/** What is worked on beside the page: its nods, one of them, or what else there is. */
export function StageAside(props: StageAsideProps) {
  const {
    state,
    tell,
    beside,
    setBeside,
    link,
    view,
    page,
    kind,
    products,
    onPage,
    token,
    onUndo,
  } = props;
  const layout = useLayout().data;
  const spots = layout?.spots ?? [];
  const strip = lastChange(state, layout?.lastStep);
  const open = (nod: string) => setBeside({ what: 'nod', nod });
  const back = () => {
    setBeside({ what: 'list' });
    link.mark(undefined);
  };
  const took = (words: string, step: number) => tell({ type: 'changed', words, step });
  const common = { onChanged: link.refresh, onTaken: took, onDone: back };
  return (
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
            version={state.version}
            report={link.report}
            picked={link.hovered}
            onOpen={(nod) => {
              open(nod);
              link.show(nod);
            }}
            onPoint={link.mark}
            onWhy={(nod, product) => tell({ type: 'why-asked', nod, product })}
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
          token={token}
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
            }
            if (made?.name) setBeside({ what: 'add', spot: made.name });
            else back();
          }}
        />
      )}
      {beside.what === 'versions' && (
        <Versions
          {...common}
          zone={onPage.data?.zone ?? 'UTC'}
          shown={state.version}
          onShow={(next) => tell({ type: 'version-shown', version: next })}
        />
      )}
      {beside.what === 'kit' && <BrandKitPanel {...common} link={link} />}
      {strip && state.version === undefined && <UndoBar words={strip} onUndo={onUndo} />}
    </aside>
  );
}

function FootLink({ onClick, children }: { onClick: () => void; children: string }) {
  return (
    <button type="button" className="text-plum underline" onClick={onClick}>
      {children}
    </button>
  );
}
