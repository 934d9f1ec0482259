import { Button } from '../../ui/button';
import { InlineSelect } from '../../ui/inline-select';
import { useNotify } from '../../ui/toasts';
import { type NodFace, saveNod, useDraftAct, useKit, type Settings } from '../layout/nod-queries';
import { useLayout } from '../layout/queries';
import { api, need } from '../../shared/api';
import { faultOf, type FaceProps } from './face';
import { STYLE_FIELDS, type StyleField } from './style-fields';
import { StyleValue } from './style-value';
import { NodOptions } from './options';
import { CustomCss } from './custom-css';
import { StylePresets } from './style-presets';
import { T, t } from '../../shared/t';

type LookSet = Settings['look'];

/** How it looks: a ready look, then one field for each value; narrow only where it differs. */
export function StyleFace({
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
      <StylePresets
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
      {STYLE_FIELDS.map((group) => (
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
          {group.isText && face.contrast && !face.contrast.passes && (
            <p
              role="alert"
              className="mt-1.5 rounded-lg bg-rust-soft px-3 py-2 text-[13px] text-rust-ink"
            >
              <T
                id="nod.style.contrastHardToReadNearest"
                values={{
                  b: <b>{face.contrast.ratio}:1</b>,
                  swatch: <Swatch colour={face.contrast.nearest ?? ''} />,
                }}
              />{' '}
              <Button
                look="link"
                onClick={() => setValue('values', 'ink', face.contrast?.nearest ?? undefined)}
              >
                {t('nod.style.useIt')}
              </Button>
            </p>
          )}
          {group.isText && face.contrast?.passes && (
            <p className="mt-1 text-[13px] text-fern-ink">
              <T id="nod.style.contrast1Good" values={{ ratio: face.contrast.ratio }} />
            </p>
          )}
        </section>
      ))}
      <CustomCss
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
          {changed > 0 ? t('nod.style.resetAll', { changed }) : t('nod.style.resetToHouseStyle')}
        </Button>
        <CopyLook face={face} look={look} onChanged={onChanged} />
      </section>
    </>
  );
}

interface RowProps {
  row: StyleField;
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
    <div className="grid grid-cols-[11.5rem_minmax(0,1fr)_auto] items-baseline gap-x-3 py-1">
      <span className="text-ink-2" aria-hidden>
        {row.label}
      </span>
      <p className="flex flex-wrap items-baseline gap-1.5 text-ink-2">
        <StyleValue
          row={row}
          value={own}
          inherited={kit[row.name]}
          pairs={pairs}
          onSet={(value) => onSet('values', row.name, value)}
        />
        {row.after}
        {own !== undefined && (
          <Reset
            label={t('nod.style.reset', { label: row.label })}
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
              aria-label={t('nod.style.phoneSameAsDesktop', { label: row.label })}
              onClick={() => onSet('narrow', row.name, own ?? kit[row.name] ?? row.start)}
            >
              {t('nod.style.phoneSame')}
            </button>
          ) : (
            <>
              <T
                id="nod.style.phone"
                values={{
                  lookValue: (
                    <StyleValue
                      row={{
                        ...row,
                        label: t('nod.style.onPhones', { label: row.label }),
                      }}
                      value={narrow}
                      inherited={own ?? kit[row.name]}
                      pairs={pairs}
                      onSet={(value) => onSet('narrow', row.name, value)}
                    />
                  ),
                  reset: (
                    <Reset
                      label={t('nod.style.sameOnPhones', { label: row.label })}
                      onReset={() => onSet('narrow', row.name, undefined)}
                    />
                  ),
                }}
              />
            </>
          )}
        </p>
      )}
      {fault && (
        <p role="alert" className="col-span-3 text-[13px] text-rust-ink">
          {fault}
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
  const arrangement = useLayout();
  const { say, sayProblem } = useNotify();
  const copy = useDraftAct(async (id: string) => {
    const other = await need(api.GET('/api/v1/layout/nods/{id}', { params: { path: { id } } }));
    return saveNod(id, other.revision, { ...other.set, look });
  });
  const others = (arrangement.data?.draft ?? []).filter((one) => one.id !== face.id);
  if (others.length === 0) return null;
  return (
    <span className="flex items-baseline gap-1.5 text-ink-2">
      <T
        id="nod.style.copyStyleTo2"
        values={{
          pick: (
            <InlineSelect
              label={t('nod.style.copyStyleTo')}
              value=""
              choices={[
                { value: '', text: t('nod.style.aNod') },
                ...others.map((one) => ({ value: one.id, text: one.name, note: one.spot })),
              ]}
              onPick={(id) =>
                id &&
                copy.mutate(id, {
                  onSuccess: (saved) => {
                    say(t('nod.style.styleCopiedTo', { name: saved.face.name }));
                    onChanged();
                  },
                  onError: sayProblem,
                })
              }
            />
          ),
        }}
      />
    </span>
  );
}
