import { Fragment } from 'react';
import { InlineSelect } from '../../ui/inline-select';
import type { FaceProps } from './face';
import { ofKind } from '../kinds/kind-name';
import type { OptionField } from './option-field';
import { OPTION_FIELDS } from './option-fields';
import { ownOptions } from './own-options';
import { ReviewsPick } from './reviews-pick';
import { t } from '../../shared/t';

/** What can be set of the kind beside its look, a labelled field each. */
export function NodOptions({
  face,
  set,
  faults,
  view,
  onChange,
}: Omit<FaceProps, 'values' | 'row'>) {
  const { values, put } = ownOptions(face, set);
  const rows = (ofKind(OPTION_FIELDS, face.kind) ?? []).filter(
    (row) => row.isFor?.(values) ?? true,
  );
  const faultOf = (name: string) =>
    faults.find(({ field }) => field === `own.options.${name}`)?.reason;
  return (
    <section
      className="border-b border-line/70 px-4.5 py-2.5"
      aria-label={t('nod.options.settings')}
    >
      <h2 className="mb-1 font-text text-[13px] font-semibold">{t('nod.options.settings')}</h2>
      <div className="grid grid-cols-[11.5rem_minmax(0,1fr)] items-baseline gap-x-3 gap-y-1.5">
        <PerPage set={set} faults={faults} onChange={onChange} />
        {rows.map((row) => {
          const option = face.options.find((one) => one.name === row.name);
          if (!option) return null;
          const fault = faultOf(row.name);
          return (
            <Fragment key={row.name}>
              <span className="text-ink-2" aria-hidden>
                {row.label}
              </span>
              <span className="flex flex-wrap items-baseline gap-1.5 text-ink-2">
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
                  <span role="alert" className="basis-full text-[13px] text-rust-ink">
                    {fault}
                  </span>
                )}
              </span>
            </Fragment>
          );
        })}
      </div>
      {face.hidesTheWhole && (
        <p
          role="status"
          className="mt-2 rounded-lg bg-rust-soft px-3 py-2 text-[13px] text-rust-ink"
        >
          {t('nod.options.onlyHighRatingsAndNo')}
        </p>
      )}
    </section>
  );
}

interface OptionValueProps {
  row: OptionField;
  option: FaceProps['face']['options'][number];
  value: string;
  product: string | undefined;
  isWrong: boolean;
  onSet: (value: string) => void;
}

function OptionValue({ row, option, value, product, isWrong, onSet }: OptionValueProps) {
  if (option.choices)
    return (
      <InlineSelect
        label={row.label}
        value={value}
        choices={option.choices.map(
          (name) => row.choices?.find((one) => one.value === name) ?? { value: name, text: name },
        )}
        onPick={onSet}
      />
    );
  if (option.min === undefined)
    return <ReviewsPick product={product} value={value} onSet={onSet} />;
  return (
    <input
      key={option.name}
      type="number"
      min={option.min}
      max={option.max}
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
    <>
      <span className="text-ink-2" aria-hidden>
        {t('nod.options.reviewsPerPage')}
      </span>
      <span className="flex flex-wrap items-baseline gap-1.5">
        <input
          type="number"
          min={2}
          max={100}
          defaultValue={perPage}
          aria-label={t('nod.options.reviewsPerPage')}
          aria-invalid={!!fault}
          className="w-16 border-b-2 border-saffron bg-transparent px-1 font-semibold text-ink"
          onChange={(event) =>
            onChange({ own: { ...set.own, perPage: Number(event.target.value) } })
          }
        />
        {fault && (
          <span role="alert" className="basis-full text-[13px] text-rust-ink">
            {fault}
          </span>
        )}
      </span>
    </>
  );
}

type Pick3<Names extends keyof FaceProps> = { [Name in Names]: FaceProps[Name] };
