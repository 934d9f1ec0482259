import { Tabs } from 'radix-ui';
import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty-state';
import { isLost } from '../../shared/api';
import { moment } from '../../shared/format';
import { useNotify } from '../../ui/toasts';
import { useFaceSeen } from '../layout/side-panel';
import { WordingFace } from './wording';
import { Audience } from './audience';
import { StyleFace } from './style';
import { MissingSpots } from '../layout/missing-spots';
import { useNodEdits, type Saving } from '../layout/nod-edits';
import { computeInstead, copyNod, removeNod, useDraftAct, runOnce } from '../layout/nod-queries';
import type { NodRow } from '../layout/verdict-rows';
import type { ViewpointParts } from '../layout/viewpoint';
import { PanelHead } from '../layout/panel-head';
import { T, t } from '../../shared/t';

export interface NodPanelProps {
  id: string;
  row: NodRow | undefined;
  zone: string;
  view: ViewpointParts;
  onDone: () => void;
  onOpen: (nod: string) => void;
  onChanged: () => void;
  onTaken: (words: string, step: number) => void;
}

const FACES = [
  { value: 'says', text: t('pages.nodPanel.wording') },
  { value: 'who', text: t('pages.nodPanel.whoSeesIt') },
  { value: 'looks', text: t('pages.nodPanel.style') },
];

/** A nod with its three faces; what is changed is kept at once and shows on the page. */
export function NodPanel(props: NodPanelProps) {
  const { id, row, zone, view, onDone, onOpen, onChanged, onTaken } = props;
  const editor = useNodEdits(id, onChanged);
  const [open, setOpen] = useFaceSeen(FACES.map((one) => one.value));
  const copy = useDraftAct(copyNod);
  const remove = useDraftAct(removeNod);
  const compute = useDraftAct(computeInstead);
  const { sayProblem } = useNotify();
  const made = (act: Promise<{ face: { id: string }; step: { id: number } }>, words: string) =>
    runOnce(
      act,
      ({ face: nod, step }) => {
        onTaken(words, step.id);
        onChanged();
        onOpen(nod.id);
      },
      sayProblem,
    );
  const { face, set, saving } = editor;
  if (isLost(face)) return <Failure error={face.error} again={() => void face.refetch()} />;
  if (!face.data || !set) return <Loading />;
  const faults = saving.state === 'failed' || saving.state === 'half' ? saving.faults : [];
  const values = row?.values ?? {};
  const given = { face: face.data, set, faults, view, row, values, onChange: editor.change };
  return (
    <>
      <PanelHead title={face.data.name} onBack={onDone}>
        <Chip row={row} on={set.on} zone={zone} />
      </PanelHead>
      {row && <p className="px-4.5 pb-1 text-[13px] leading-snug text-ink-2">{row.because}</p>}
      {row?.unplaced ? (
        <p
          role="status"
          className="mx-4.5 mb-2 rounded-lg bg-rust-soft px-3 py-2 text-[13px] text-rust-ink"
        >
          <T id="pages.nodPanel.thisPageHasNoSpot" values={{ spot: row.spot }} />
        </p>
      ) : (
        <MissingSpots nod={id} className="mx-4.5 mb-2" />
      )}
      {saving.state === 'half' && (
        <p
          role="status"
          className="mx-4.5 mb-2 rounded-lg bg-saffron-soft px-3 py-2 text-[13px] text-ink"
        >
          <T
            id="pages.nodPanel.notCompleteYetWhatYou"
            values={{ reason: saving.faults[0]?.reason }}
          />
        </p>
      )}
      {saving.state === 'conflict' && (
        <Conflict onTheirs={editor.takeTheirs} onMine={editor.keepMine} />
      )}
      <Tabs.Root value={open} onValueChange={setOpen} className="flex min-h-0 flex-1 flex-col">
        <Tabs.List
          className="flex gap-1 border-b border-line px-4.5"
          aria-label={t('pages.nodPanel.partsOfTheNod')}
        >
          {FACES.map((one) => (
            <Tabs.Trigger
              key={one.value}
              value={one.value}
              className="-mb-px border-b-2 border-transparent px-3 py-2 font-medium text-ink-2 hover:text-ink data-[state=active]:border-ink data-[state=active]:font-[650] data-[state=active]:text-ink"
            >
              {one.text}
            </Tabs.Trigger>
          ))}
        </Tabs.List>
        <div className="min-h-0 flex-1 overflow-y-auto">
          <Tabs.Content value="says">
            <WordingFace
              {...given}
              onCompute={(kind) =>
                made(compute.mutateAsync({ id, kind }), t('pages.nodPanel.replaced'))
              }
            />
          </Tabs.Content>
          <Tabs.Content value="who">
            <Audience {...given} />
          </Tabs.Content>
          <Tabs.Content value="looks">
            <StyleFace {...given} onChanged={onChanged} />
          </Tabs.Content>
        </div>
      </Tabs.Root>
      <footer className="flex flex-wrap items-center gap-2 border-t border-line px-4.5 py-3">
        <Button look="inside" onClick={onDone}>
          {t('pages.nodPanel.done')}
        </Button>
        <Button onClick={() => made(copy.mutateAsync(id), t('pages.nodPanel.nodCopied'))}>
          {t('pages.nodPanel.copy')}
        </Button>
        <Button onClick={() => editor.change({ on: !set.on })}>
          {set.on ? t('pages.nodPanel.pause') : t('pages.nodPanel.resume')}
        </Button>
        <Button
          onClick={() =>
            runOnce(
              remove.mutateAsync(id),
              (step) => {
                onTaken(t('pages.nodPanel.nodRemoved'), step.id);
                onChanged();
                onDone();
              },
              sayProblem,
            )
          }
        >
          {t('pages.nodPanel.remove')}
        </Button>
        <span className="flex-1" />
        <SavedSign saving={saving} onRetry={editor.retry} />
      </footer>
    </>
  );
}

interface ConflictProps {
  onTheirs: () => Promise<unknown>;
  onMine: () => Promise<unknown>;
}

function Conflict({ onTheirs, onMine }: ConflictProps) {
  return (
    <div role="alert" className="mx-4.5 my-2 rounded-xl bg-rust-soft px-4 py-2.5 text-rust-ink">
      <T
        id="pages.nodPanel.thisNodWasChangedIn"
        values={{
          span: (
            <span className="mt-1.5 flex gap-4">
              <Button look="link" onClick={() => void onTheirs()}>
                {t('pages.nodPanel.showThatVersion')}
              </Button>
              <Button look="link" onClick={() => void onMine()}>
                {t('pages.nodPanel.keepMine')}
              </Button>
            </span>
          ),
        }}
      />
    </div>
  );
}

interface ChipProps {
  row: NodRow | undefined;
  on: boolean;
  zone: string;
}

function Chip({ row, on, zone }: ChipProps) {
  const shown = row?.number !== undefined;
  return (
    <span
      className={`shrink-0 rounded-full border px-2.5 py-0.5 text-[12px] font-semibold ${shown ? 'border-[#c3dfcb] bg-fern-soft text-fern-ink' : 'border-line bg-paper-2 text-ink-2'}`}
    >
      {!on
        ? t('pages.nodPanel.paused')
        : !shown
          ? t('pages.nodPanel.notShown')
          : row.validUntil
            ? t('pages.nodPanel.shownUntil', {
                validUntil: moment(row.validUntil, zone),
              })
            : t('pages.nodPanel.shown')}
    </span>
  );
}

function SavedSign({ saving, onRetry }: { saving: Saving; onRetry: () => void }) {
  return (
    <span
      role="status"
      className={`text-[13px] ${saving.state === 'failed' || saving.state === 'conflict' ? 'text-rust-ink' : 'text-ink-2'}`}
    >
      {saving.state === 'saved' &&
        (saving.at ? t('pages.nodPanel.savedAt', { at: saving.at }) : t('pages.nodPanel.saved'))}
      {saving.state === 'saving' && t('pages.nodPanel.saving')}
      {saving.state === 'half' && t('pages.nodPanel.savedNotComplete')}
      {saving.state === 'conflict' && t('pages.nodPanel.notSaved')}
      {saving.state === 'away' && (
        <>
          {t('pages.nodPanel.notSavedYetNoConnection')}{' '}
          <Button look="link" onClick={onRetry}>
            {t('pages.nodPanel.tryNow')}
          </Button>
        </>
      )}
      {saving.state === 'failed' && t('pages.nodPanel.notSaved2', { saving: told(saving) })}
    </span>
  );
}

function told(saving: { text: string; faults: { field: string; reason: string }[] }) {
  const [first] = saving.faults;
  return first ? first.reason : saving.text;
}
