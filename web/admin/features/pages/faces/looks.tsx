import { Button } from '../../../ui/button';
import { Pick } from '../../../ui/pick';
import { useSay } from '../../../ui/toasts';
import { type NodFace, saveNod, useDraftAct, useKit, type Settings } from '../nod-queries';
import { useArrangement } from '../queries';
import { api, need } from '../../../shared/api';
import { faultOf, type FaceProps } from './face';
import { LOOK_ROWS, type LookRow } from './look-rows';
import { LookValue } from './look-value';
import { NodOptions } from './options';
import { OwnCss } from './own-css';
import { ReadyLooks } from './ready-looks';

type LookSet = Settings['look'];

/** How it looks: a ready look, then one sentence for each value; narrow only where it differs. */
export function Looks({
  face,
  set,
  faults,
  view,
  onChange,
  onChanged,
}: FaceProps & { onChanged: () => void }) {
  const { look } = set;
  const kit = useKit();
  const changed = Object.keys(look.values).length + Object.keys(look.narrow).length;
  const put = (changes: Partial<LookSet>) => onChange({ look: { ...look, ...changes } });
  const setValue = (where: 'values' | 'narrow', name: string, value: string | undefined) => {
    const values = { ...look[where] };
    if (value === undefined) delete values[name];
    else values[name] = value;
    put({ [where]: values });
  };
  return (
    <>
      <ReadyLooks
        kind={face.kind}
        chosen={look.ready ?? ''}
        changed={changed}
        onPick={(ready) => {
          const rest = { ...look };
          delete rest.ready;
          onChange({ look: ready ? { ...rest, ready } : rest });
        }}
      />
      <NodOptions face={face} set={set} faults={faults} view={view} onChange={onChange} />
      {LOOK_ROWS.map((group) => (
        <section key={group.title} className="border-b border-line/70 px-4.5 py-2.5">
          <h2 className="mb-1 font-text text-[13px] font-semibold">{group.title}</h2>
          {group.rows.map((row) => (
            <Row
              key={row.name}
              row={row}
              look={look}
              kit={kit.data?.values ?? {}}
              pairs={kit.data?.pairs ?? []}
              faults={faults}
              onSet={setValue}
            />
          ))}
          {group.title === 'The words' && face.contrast && !face.contrast.passes && (
            <p
              role="alert"
              className="mt-1.5 rounded-lg bg-rust-soft px-3 py-2 text-[13px] text-rust-ink"
            >
              <b>{face.contrast.ratio} : 1</b>, too pale for words; the nearest that passes is{' '}
              <Swatch colour={face.contrast.nearest ?? ''} />{' '}
              <Button
                look="link"
                onClick={() => setValue('values', 'ink', face.contrast?.nearest ?? undefined)}
              >
                Take it
              </Button>
            </p>
          )}
          {group.title === 'The words' && face.contrast?.passes && (
            <p className="mt-1 text-[13px] text-fern-ink">
              {face.contrast.ratio} : 1 on its ground, enough for words
            </p>
          )}
        </section>
      ))}
      <OwnCss
        key={face.id}
        css={look.css}
        faults={faults.filter(({ field }) => field === 'look.css').map(({ reason }) => reason)}
        onSet={(css) => put({ css })}
        className={look.values['class']}
        classFault={faultOf(faults, 'look.values.class')}
        onClass={(name) => setValue('values', 'class', name)}
      />
      <section className="flex flex-wrap gap-2 px-4.5 py-3">
        <Button
          disabled={changed === 0 && !look.ready && !look.css}
          onClick={() => onChange({ look: { values: {}, narrow: {}, css: '' } })}
        >
          {changed > 0 ? `Reset all ${changed}` : 'As the brand kit says'}
        </Button>
        <CopyLook face={face} look={look} onChanged={onChanged} />
      </section>
    </>
  );
}

interface RowProps {
  row: LookRow;
  look: LookSet;
  kit: Record<string, string>;
  pairs: { name: string }[];
  faults: FaceProps['faults'];
  onSet: (where: 'values' | 'narrow', name: string, value: string | undefined) => void;
}

function Row({ row, look, kit, pairs, faults, onSet }: RowProps) {
  const own = look.values[row.name];
  const narrow = look.narrow[row.name];
  const fault =
    faultOf(faults, `look.values.${row.name}`) ?? faultOf(faults, `look.narrow.${row.name}`);
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_auto] items-baseline gap-x-3 py-0.5">
      <p className="flex flex-wrap items-baseline gap-1.5 text-ink-2">
        {row.before}
        <LookValue
          row={row}
          value={own}
          inherited={kit[row.name]}
          pairs={pairs}
          onSet={(value) => onSet('values', row.name, value)}
        />
        {row.after}
        {own !== undefined && (
          <Reset
            label={`Reset ${row.label}`}
            onReset={() => onSet('values', row.name, undefined)}
          />
        )}
      </p>
      {row.isNarrow && (
        <p className="flex items-baseline gap-1 text-[13px] text-ink-2">
          {narrow === undefined ? (
            <button
              type="button"
              className="underline decoration-dotted hover:text-ink"
              aria-label={`narrow: same, ${row.label}`}
              onClick={() => onSet('narrow', row.name, own ?? kit[row.name] ?? row.start)}
            >
              narrow: same
            </button>
          ) : (
            <>
              narrow:
              <LookValue
                row={{ ...row, label: `${row.label} on narrow screens` }}
                value={narrow}
                inherited={own ?? kit[row.name]}
                pairs={pairs}
                onSet={(value) => onSet('narrow', row.name, value)}
              />
              <Reset
                label={`${row.label}: the same on narrow screens`}
                onReset={() => onSet('narrow', row.name, undefined)}
              />
            </>
          )}
        </p>
      )}
      {fault && (
        <p role="alert" className="col-span-2 text-[13px] text-rust-ink">
          {row.label} {fault}
        </p>
      )}
    </div>
  );
}

function Reset({ label, onReset }: { label: string; onReset: () => void }) {
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      className="rounded border border-line-3 px-1 text-[12px] text-plum hover:bg-paper-2"
      onClick={onReset}
    >
      ↺
    </button>
  );
}

/** A colour, drawn, with its code. */
function Swatch({ colour }: { colour: string }) {
  return (
    <span className="inline-flex items-baseline gap-1">
      <svg viewBox="0 0 10 10" className="size-3 self-center" aria-hidden>
        <rect width="10" height="10" rx="2" fill={colour} />
      </svg>
      {colour}
    </span>
  );
}

interface CopyLookProps {
  face: NodFace;
  look: LookSet;
  onChanged: () => void;
}

/** Gives another nod the same look. */
function CopyLook({ face, look, onChanged }: CopyLookProps) {
  const arrangement = useArrangement();
  const { say, sayProblem } = useSay();
  const copy = useDraftAct(async (id: string) => {
    const other = await need(
      api.GET('/api/v1/arrangement/nods/{id}', { params: { path: { id } } }),
    );
    return saveNod(id, other.revision, { ...other.set, look });
  });
  const others = (arrangement.data?.draft ?? []).filter((one) => one.id !== face.id);
  if (others.length === 0) return null;
  return (
    <span className="flex items-baseline gap-1.5 text-ink-2">
      Copy this look to
      <Pick
        label="Copy this look to"
        value=""
        choices={[
          { value: '', text: 'a nod' },
          ...others.map((one) => ({ value: one.id, text: one.name, note: one.spot })),
        ]}
        onPick={(id) =>
          id &&
          copy.mutate(id, {
            onSuccess: (saved) => {
              say(`${saved.face.name} looks like this now`);
              onChanged();
            },
            onError: sayProblem,
          })
        }
      />
    </span>
  );
}
