import { Tabs } from 'radix-ui';
import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty';
import { isLost } from '../../shared/api';
import { moment } from '../../shared/words';
import { useSay } from '../../ui/toasts';
import { useFaceSeen } from './beside';
import { Says } from './faces/says';
import { WhoSeesIt } from './faces/who';
import { Looks } from './faces/looks';
import { Lacking } from './lacking';
import { useNodEditor, type Saving } from './nod-editor';
import { computeInstead, copyNod, removeNod, useDraftAct, once } from './nod-queries';
import type { NodRow } from './rows';
import type { ViewpointParts } from './viewpoint';
import { PanelHead } from './panel-head';

export interface NodOpenedProps {
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
  { value: 'says', text: 'Says' },
  { value: 'who', text: 'Who sees it' },
  { value: 'looks', text: 'Looks' },
];

/** A nod with its three faces; what is changed is kept at once and shows on the page. */
export function NodOpened(props: NodOpenedProps) {
  const { id, row, zone, view, onDone, onOpen, onChanged, onTaken } = props;
  const editor = useNodEditor(id, onChanged);
  const [open, setOpen] = useFaceSeen(FACES.map((one) => one.value));
  const copy = useDraftAct(copyNod);
  const remove = useDraftAct(removeNod);
  const compute = useDraftAct(computeInstead);
  const { sayProblem } = useSay();
  const made = (act: Promise<{ face: { id: string }; step: { id: number } }>, words: string) =>
    once(
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
          This page has no spot named {row.spot}, so it shows nowhere on it: mark one with
          data-nod-spot="{row.spot}", or point at a place.
        </p>
      ) : (
        <Lacking nod={id} className="mx-4.5 mb-2" />
      )}
      {saving.state === 'half' && (
        <p
          role="status"
          className="mx-4.5 mb-2 rounded-lg bg-saffron-soft px-3 py-2 text-[13px] text-ink"
        >
          Half made, and kept as it is: {saving.faults[0]?.reason}. Until that is whole it applies
          nowhere, and Publish waits for it; all else is saved.
        </p>
      )}
      {saving.state === 'conflict' && (
        <Conflict onTheirs={editor.takeTheirs} onMine={editor.keepMine} />
      )}
      <Tabs.Root value={open} onValueChange={setOpen} className="flex min-h-0 flex-1 flex-col">
        <Tabs.List className="flex gap-1 border-b border-line px-4.5" aria-label="Faces of the nod">
          {FACES.map((one) => (
            <Tabs.Trigger
              key={one.value}
              value={one.value}
              className="-mb-px border-b-2 border-transparent px-3 py-2 font-medium text-ink-2 hover:text-ink data-[state=active]:border-plum data-[state=active]:text-ink"
            >
              {one.text}
            </Tabs.Trigger>
          ))}
        </Tabs.List>
        <div className="min-h-0 flex-1 overflow-y-auto">
          <Tabs.Content value="says">
            <Says
              {...given}
              onCompute={(kind) => made(compute.mutateAsync({ id, kind }), 'Replaced')}
            />
          </Tabs.Content>
          <Tabs.Content value="who">
            <WhoSeesIt {...given} />
          </Tabs.Content>
          <Tabs.Content value="looks">
            <Looks {...given} onChanged={onChanged} />
          </Tabs.Content>
        </div>
      </Tabs.Root>
      <footer className="flex flex-wrap items-center gap-2 border-t border-line px-4.5 py-3">
        <Button look="inside" onClick={onDone}>
          Done
        </Button>
        <Button onClick={() => made(copy.mutateAsync(id), 'Copied')}>Copy</Button>
        <Button onClick={() => editor.change({ on: !set.on })}>{set.on ? 'Pause' : 'Go on'}</Button>
        <Button
          onClick={() =>
            once(
              remove.mutateAsync(id),
              (step) => {
                onTaken('Removed', step.id);
                onChanged();
                onDone();
              },
              sayProblem,
            )
          }
        >
          Remove
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
      Another window changed this nod meanwhile. Nothing was overwritten.
      <span className="mt-1.5 flex gap-4">
        <Button look="link" onClick={() => void onTheirs()}>
          Show what it made
        </Button>
        <Button look="link" onClick={() => void onMine()}>
          Keep what is here
        </Button>
      </span>
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
        ? 'paused'
        : !shown
          ? 'not here'
          : row.validUntil
            ? `shown until ${moment(row.validUntil, zone)}`
            : 'shown here'}
    </span>
  );
}

function SavedSign({ saving, onRetry }: { saving: Saving; onRetry: () => void }) {
  return (
    <span
      role="status"
      className={`text-[13px] ${saving.state === 'failed' || saving.state === 'conflict' ? 'text-rust-ink' : 'text-ink-2'}`}
    >
      {saving.state === 'saved' && (saving.at ? `saved ${saving.at}` : 'as saved')}
      {saving.state === 'saving' && 'saving'}
      {saving.state === 'half' && 'kept, half made'}
      {saving.state === 'conflict' && 'not saved'}
      {saving.state === 'away' && (
        <>
          not saved yet, as the server does not answer. It is tried again by itself.{' '}
          <Button look="link" onClick={onRetry}>
            Try now
          </Button>
        </>
      )}
      {saving.state === 'failed' && `not saved: ${told(saving)}`}
    </span>
  );
}

function told(saving: { text: string; faults: { field: string; reason: string }[] }) {
  const [first] = saving.faults;
  return first ? first.reason : saving.text;
}
