import { useState } from 'react';
import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty';
import { Problem } from '../../shared/api';
import { useSay } from '../../ui/toasts';
import { LOOK_ROWS } from './faces/look-rows';
import { Colour, LookValue } from './faces/look-value';
import type { Frames } from './frame-link';
import { saveKit, useDraftAct, useKit } from './nod-queries';
import { KitMaterials } from './kit-materials';
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
  const [fresh, setFresh] = useState({ name: '', ground: '#ffffff', words: '#271b2d' });
  if (kit.error) return <Failure error={kit.error} again={() => void kit.refetch()} />;
  if (!kit.data) return <Loading />;
  const { values, pairs } = kit.data;
  const plain = pairs.map(({ name, ground, words }) => ({ name, ground, words }));
  const put = (next: Partial<{ values: typeof values; pairs: typeof plain }>) =>
    save.mutate(
      { values, pairs: plain, ...next },
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
                  onSet={(value) => setValue(name, value)}
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
                  onSet={(value) => setValue(row.name, value)}
                />
                {row.after}
              </dd>
            </div>
          ))}
        </dl>
        <section>
          <h2 className="mb-1 text-[15px]">Pairs of ground and words</h2>
          <ul className="flex flex-col gap-1.5">
            {pairs.map((pair) => (
              <li key={pair.name} className="flex items-center gap-2.5">
                <svg viewBox="0 0 36 24" className="h-6 w-9 rounded border border-line" aria-hidden>
                  <rect width="36" height="24" fill={pair.ground} />
                  <text x="18" y="17" textAnchor="middle" fontSize="14" fill={pair.words}>
                    Aa
                  </text>
                </svg>
                <b>{pair.name}</b>
                <span
                  className={`text-[13px] ${pair.contrast.passes ? 'text-ink-2' : 'text-rust-ink'}`}
                >
                  {pair.contrast.ratio} : 1{!pair.contrast.passes && ', too pale for words'}
                </span>
                {pair.contrast.nearest && (
                  <Button
                    look="link"
                    onClick={() =>
                      put({
                        pairs: plain.map((one) =>
                          one.name === pair.name
                            ? { ...one, words: pair.contrast.nearest ?? one.words }
                            : one,
                        ),
                      })
                    }
                  >
                    take {pair.contrast.nearest}
                  </Button>
                )}
                <span className="flex-1" />
                <button
                  type="button"
                  aria-label={`Take out ${pair.name}`}
                  className="rounded px-1 text-ink-2 hover:bg-paper-2"
                  onClick={() => put({ pairs: plain.filter((one) => one.name !== pair.name) })}
                >
                  ×
                </button>
              </li>
            ))}
          </ul>
          <form
            className="mt-2 flex flex-wrap items-baseline gap-2 text-ink-2"
            onSubmit={(event) => {
              event.preventDefault();
              put({ pairs: [...plain, fresh] });
              setFresh({ ...fresh, name: '' });
            }}
          >
            <input
              aria-label="Name of the pair"
              placeholder="A name, such as Clay"
              required
              value={fresh.name}
              className="w-52 rounded-lg border border-line-3 bg-white px-2.5 py-1 text-ink"
              onChange={(event) => setFresh({ ...fresh, name: event.target.value })}
            />
            <Colour
              label="Ground of the pair"
              value={fresh.ground}
              inherited={undefined}
              onSet={(ground) => setFresh({ ...fresh, ground: ground ?? '' })}
            />
            under
            <Colour
              label="Words of the pair"
              value={fresh.words}
              inherited={undefined}
              onSet={(words) => setFresh({ ...fresh, words: words ?? '' })}
            />
            <Button type="submit">Add the pair</Button>
          </form>
        </section>
        <KitMaterials />
      </div>
    </>
  );
}
