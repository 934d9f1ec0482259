import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty';
import { Problem, isLost } from '../../shared/api';
import { useSay } from '../../ui/toasts';
import { LOOK_ROWS } from './faces/look-rows';
import { Colour, LookValue } from './faces/look-value';
import type { Frames } from './frame-link';
import { saveKit, useDraftAct, useKit } from './nod-queries';
import { KitMaterials } from './kit-materials';
import { KitPairs, plain, type Pair } from './kit-pairs';
import { PanelHead } from './panel-head';

interface KitPanelProps {
  link: Frames;
  onDone: () => void;
  onTaken: (words: string, step: number) => void;
}

const VALUES = [
  { name: 'ink', text: 'Words' },
  { name: 'ground', text: 'Ground' },
  { name: 'accent', text: 'Accent' },
  { name: 'ink-soft', text: 'Said in passing' },
  { name: 'line', text: 'Lines' },
  { name: 'star', text: 'Stars' },
];

/** What else all nods share, each as in a nod's own looks. */
const ROWS = ['font', 'size', 'star-shape', 'arrow', 'corner', 'inside', 'gap', 'outside'].flatMap(
  (name) => LOOK_ROWS.flatMap(({ rows }) => rows.filter((row) => row.name === name)),
);

/** Colours that all nods share unless one differs: taken from the shop's page with one click. */
export function KitPanel({ link, onDone, onTaken }: KitPanelProps) {
  const kit = useKit();
  const save = useDraftAct(saveKit);
  const { sayProblem } = useSay();
  if (isLost(kit)) return <Failure error={kit.error} again={() => void kit.refetch()} />;
  if (!kit.data) return <Loading />;
  const { values, pairs } = kit.data;
  const put = (next: Partial<{ values: typeof values; pairs: Pair[] }>) =>
    save.mutate(
      { values, pairs: plain(pairs), ...next },
      {
        onSuccess: (saved) => {
          onTaken('The brand kit is changed', saved.step.id);
          link.refresh();
        },
        onError: (error) => {
          const [fault] = error instanceof Problem ? error.faults : [];
          sayProblem(fault ? new Problem(400, `${fault.field} ${fault.reason}.`) : error);
        },
      },
    );
  const setValue = (name: string, value: string | undefined) => {
    const next = { ...values };
    if (value === undefined) delete next[name];
    else next[name] = value;
    put({ values: next });
  };
  return (
    <>
      <PanelHead title="Brand kit" onBack={onDone} />
      <div className="flex min-h-0 flex-1 flex-col gap-4 overflow-y-auto px-4.5 pb-4">
        <p className="text-ink-2">
          All nods look like this unless one differs. What is not set here follows the shop’s page
          by itself.
        </p>
        <Button
          className="self-start"
          onClick={() =>
            link.readBrand((read) => {
              put({ values: { ...values, ...read } });
            })
          }
        >
          Take it from the shop’s page
        </Button>
        <KitValues values={values} onSet={setValue} />
        <KitPairs pairs={pairs} onPut={(next) => put({ pairs: next })} />
        <KitMaterials />
      </div>
    </>
  );
}

interface KitValuesProps {
  values: Record<string, string>;
  onSet: (name: string, value: string | undefined) => void;
}

function KitValues({ values, onSet }: KitValuesProps) {
  return (
    <dl className="grid grid-cols-[auto_minmax(0,1fr)] items-baseline gap-x-4 gap-y-1.5">
      {VALUES.map(({ name, text }) => (
        <div key={name} className="contents">
          <dt className="text-ink-2">{text}</dt>
          <dd>
            <Colour
              label={text}
              value={values[name]}
              inherited={undefined}
              isLate
              onSet={(value) => onSet(name, value)}
            />
          </dd>
        </div>
      ))}
      {ROWS.map((row) => (
        <div key={row.name} className="contents">
          <dt className="text-ink-2">{row.label}</dt>
          <dd className="flex items-baseline gap-1.5 text-ink-2">
            <LookValue
              row={row}
              value={values[row.name]}
              inherited={undefined}
              pairs={[]}
              isLate
              onSet={(value) => onSet(row.name, value)}
            />
            {row.after}
          </dd>
        </div>
      ))}
    </dl>
  );
}
