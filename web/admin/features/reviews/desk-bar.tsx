import { Pick } from '../../ui/pick';
import { ProductPick } from '../../ui/product-pick';
import { count } from '../../shared/words';
import type { DeskFilter } from './queries';
import { STATES } from './words';

interface DeskBarProps {
  filter: DeskFilter;
  total: number | undefined;
  onChange: (changes: Partial<Record<keyof DeskFilter, string | undefined>>) => void;
}

/** Which reviews are on the desk, as a sentence. */
export function DeskBar({ filter, total, onChange }: DeskBarProps) {
  return (
    <div className="flex h-11 shrink-0 items-center gap-1.5 border-b border-line bg-paper px-5 text-[15px] text-ink-2">
      Showing
      <Pick
        label="State"
        value={filter.state ?? 'ANY'}
        choices={[...STATES, { value: 'ANY', text: 'all' }]}
        onPick={(state) => onChange({ state })}
      />
      reviews of
      <ProductPick
        label="Product"
        value={filter.product}
        none="any product"
        onPick={(product) => onChange({ product })}
      />
      {filter.batch && (
        <button
          type="button"
          className="ml-2 rounded-full border border-line-2 bg-paper-2 px-2.5 text-[13px] text-ink"
          onClick={() => onChange({ batch: undefined })}
        >
          from one file <span aria-hidden>×</span>
          <span className="sr-only">: show all</span>
        </button>
      )}
      {filter.q && (
        <button
          type="button"
          className="ml-2 rounded-full border border-line-2 bg-paper-2 px-2.5 text-[13px] text-ink"
          onClick={() => onChange({ q: undefined })}
        >
          with “{filter.q}” <span aria-hidden>×</span>
          <span className="sr-only">: show all</span>
        </button>
      )}
      <span className="flex-1" />
      {total !== undefined && <span className="text-[13px]">{count(total, 'review')}</span>}
    </div>
  );
}
