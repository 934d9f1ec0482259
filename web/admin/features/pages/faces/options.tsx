import { Pick } from '../../../ui/pick';
import type { FaceProps } from './face';
import { OPTION_ROWS, type OptionRow } from './option-rows';
import { ownOptions } from './own-options';
import { ReviewsPick } from './reviews-pick';

/** What can be set of the kind beside its look, a sentence each. */
export function NodOptions({
  face,
  set,
  faults,
  view,
  onChange,
}: Omit<FaceProps, 'values' | 'row'>) {
  const { values, put } = ownOptions(face, set);
  const rows = (OPTION_ROWS[face.kind] ?? []).filter((row) => row.isFor?.(values) ?? true);
  const faultOf = (name: string) =>
    faults.find(({ field }) => field === `own.options.${name}`)?.reason;
  return (
    <section className="border-b border-line/70 px-4.5 py-2.5" aria-label="How it works">
      <h2 className="mb-1 font-text text-[13px] font-semibold">How it works</h2>
      <div className="flex flex-wrap items-baseline gap-x-1.5 gap-y-1 text-ink-2">
        <PerPage set={set} faults={faults} onChange={onChange} />
        {rows.map((row) => {
          const option = face.options.find((one) => one.name === row.name);
          if (!option) return null;
          const fault = faultOf(row.name);
          return (
            <span key={row.name} className="inline-flex flex-wrap items-baseline gap-1.5">
              {row.before}
              <OptionValue
                row={row}
                option={option}
                value={values[row.name] ?? option.usual}
                product={view.product}
                isWrong={!!fault}
                onSet={(value) => onChange(put(row.name, value))}
              />
              {row.after}
              {fault && (
                <span role="alert" className="text-[13px] text-rust-ink">
                  {row.label} {fault}
                </span>
              )}
            </span>
          );
        })}
      </div>
      {face.hidesTheWhole && (
        <p
          role="status"
          className="mt-2 rounded-lg bg-rust-soft px-3 py-2 text-[13px] text-rust-ink"
        >
          Praise alone, and nothing of what all reviews say: shoppers may take the part for the
          whole. Proof keeps a note of it.
        </p>
      )}
    </section>
  );
}

interface OptionValueProps {
  row: OptionRow;
  option: FaceProps['face']['options'][number];
  value: string;
  product: string | undefined;
  isWrong: boolean;
  onSet: (value: string) => void;
}

function OptionValue({ row, option, value, product, isWrong, onSet }: OptionValueProps) {
  if (option.choices)
    return (
      <Pick
        label={row.label}
        value={value}
        choices={option.choices.map(
          (name) => row.choices?.find((one) => one.value === name) ?? { value: name, text: name },
        )}
        onPick={onSet}
      />
    );
  if (option.least === undefined)
    return <ReviewsPick product={product} value={value} onSet={onSet} />;
  return (
    <input
      key={option.name}
      type="number"
      min={option.least}
      max={option.most}
      defaultValue={value}
      aria-label={row.label}
      aria-invalid={isWrong}
      className="w-16 border-b-2 border-saffron bg-transparent px-1 font-semibold text-ink"
      onChange={(event) => event.target.value !== '' && onSet(event.target.value)}
    />
  );
}

function PerPage({ set, faults, onChange }: Pick3<'set' | 'faults' | 'onChange'>) {
  const perPage = set.own['perPage'];
  if (typeof perPage !== 'number') return null;
  const fault = faults.find(({ field }) => field === 'own')?.reason;
  return (
    <label className="inline-flex flex-wrap items-baseline gap-1.5">
      with
      <input
        type="number"
        min={2}
        max={100}
        defaultValue={perPage}
        aria-label="Reviews to a page"
        aria-invalid={!!fault}
        className="w-16 border-b-2 border-saffron bg-transparent px-1 font-semibold text-ink"
        onChange={(event) => onChange({ own: { ...set.own, perPage: Number(event.target.value) } })}
      />
      reviews to a page,
      {fault && (
        <span role="alert" className="text-[13px] text-rust-ink">
          {fault}
        </span>
      )}
    </label>
  );
}

type Pick3<Names extends keyof FaceProps> = { [Name in Names]: FaceProps[Name] };
