import { useEffect } from 'react';
import { Pick } from '../../ui/pick';
import { ProductPick } from '../../ui/product-pick';
import { SearchPick } from '../../ui/search-pick';
import { MomentPick } from './moment-pick';
import { COUNTRIES, LANGUAGES, LIKELY } from './places';
import { useCategories, useQuickPicks, useVariants } from './queries';
import { KINDS, SCREENS, type ViewpointParts } from './viewpoint';

type Change = (changes: Partial<ViewpointParts>, replace?: boolean) => void;

interface ViewpointSentenceProps {
  view: ViewpointParts;
  now: string;
  onChange: Change;
}

/** Who looks at which page when, as one sentence. */
export function ViewpointSentence({ view, now, onChange }: ViewpointSentenceProps) {
  const quick = useQuickPicks();
  return (
    <div className="flex min-h-12 shrink-0 flex-wrap items-center gap-x-1.5 border-b border-line bg-paper px-5 py-1.5 text-[15px] text-ink-2">
      See the
      <Pick
        label="Page"
        value={view.kind}
        choices={KINDS}
        onPick={(kind) => onChange({ kind, product: undefined, variant: undefined })}
      />
      {view.kind === 'product' && (
        <>
          of
          <ProductPick
            label="Product"
            value={view.product}
            quick={quick}
            onPick={(product) => onChange({ product, variant: undefined })}
          />
          <VariantPick view={view} onChange={onChange} />
        </>
      )}
      {(view.kind === 'basket' || view.kind === 'confirmation') && (
        <>
          with
          <ProductPick
            label="Product"
            value={view.product}
            {...(view.kind === 'basket' ? { none: 'what is in it' } : {})}
            quick={quick}
            onPick={(product) => onChange({ product })}
          />
        </>
      )}
      {view.kind === 'listing' && (
        <>
          of
          <CategoryPick
            value={view.product}
            onPick={(product, replace) => onChange({ product }, replace)}
          />
        </>
      )}
      from
      <SearchPick
        label="Country"
        value={view.country}
        none="an unknown country"
        first={LIKELY}
        choices={COUNTRIES}
        onPick={(picked) => onChange({ country: picked })}
      />
      in
      <SearchPick
        label="Language"
        value={view.language}
        none="its own language"
        choices={LANGUAGES}
        onPick={(picked) => onChange({ language: picked })}
      />
      on
      <Pick
        label="Screen"
        value={view.screens}
        choices={SCREENS}
        onPick={(screens) => onChange({ screens })}
      />
      <MomentPick
        value={view.moment}
        now={now}
        onPick={(moment) => onChange({ moment }, view.moment !== undefined)}
      />
    </div>
  );
}

function VariantPick({ view, onChange }: { view: ViewpointParts; onChange: Change }) {
  const variants = useVariants(view.product);
  if (variants.length < 2) return null;
  return (
    <>
      <Pick
        label="Variant"
        value={view.variant ?? ''}
        choices={[
          { value: '', text: 'as chosen there' },
          ...variants.map(({ sku, title }) => ({ value: sku, text: title, note: sku })),
        ]}
        onPick={(sku) => onChange({ variant: sku || undefined })}
      />
    </>
  );
}

function CategoryPick({
  value,
  onPick,
}: {
  value: string | undefined;
  onPick: (slug: string, replace?: boolean) => void;
}) {
  const categories = useCategories();
  const first = categories[0]?.value;
  useEffect(() => {
    if (!value && first) onPick(first, true);
  });
  return <Pick label="Category" value={value ?? ''} choices={categories} onPick={onPick} />;
}
