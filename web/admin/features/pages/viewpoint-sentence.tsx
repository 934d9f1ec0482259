import { useEffect } from 'react';
import { InlineSelect } from '../../ui/inline-select';
import { ProductPick } from '../../ui/product-pick';
import { SearchPick } from '../../ui/search-pick';
import { InstantPick } from '../layout/instant-pick';
import { COUNTRIES, LANGUAGES, LIKELY } from '../layout/places';
import { useCategories, useProductSamples, useVariants } from '../layout/queries';
import { KINDS, SCREENS, type ViewpointParts } from '../layout/viewpoint';
import type { ChangeViewpoint } from './use-viewpoint';
import { T, t } from '../../shared/t';

interface ViewpointSentenceProps {
  view: ViewpointParts;
  now: string;
  onChange: ChangeViewpoint;
}

/** Who looks at which page when, as one sentence. */
export function ViewpointSentence({ view, now, onChange }: ViewpointSentenceProps) {
  const quick = useProductSamples();
  return (
    <div className="flex min-h-12 shrink-0 flex-wrap items-center gap-x-1.5 border-b border-line bg-paper px-5 py-1.5 text-[15px] text-ink-2">
      <T
        id="pages.viewpointSentence.previewTheForAShopper"
        values={{
          page: (
            <InlineSelect
              label={t('pages.viewpointSentence.page')}
              value={view.kind}
              choices={KINDS}
              onPick={(kind) => onChange({ kind, product: undefined, variant: undefined })}
            />
          ),
          kind: view.kind === 'product' && (
            <>
              <T
                id="pages.viewpointSentence.of"
                values={{
                  productPick: (
                    <ProductPick
                      label={t('pages.viewpointSentence.product')}
                      value={view.product}
                      quick={quick}
                      onPick={(product) => onChange({ product, variant: undefined })}
                    />
                  ),
                  variantPick: <VariantPick view={view} onChange={onChange} />,
                }}
              />
            </>
          ),
          kind2: (view.kind === 'basket' || view.kind === 'confirmation') && (
            <>
              <T
                id="pages.viewpointSentence.with"
                values={{
                  productPick: (
                    <ProductPick
                      label={t('pages.viewpointSentence.product')}
                      value={view.product}
                      {...(view.kind === 'basket'
                        ? { none: t('pages.viewpointSentence.productsInIt') }
                        : {})}
                      quick={quick}
                      onPick={(product) => onChange({ product })}
                    />
                  ),
                }}
              />
            </>
          ),
          kind3: view.kind === 'listing' && (
            <>
              <T
                id="pages.viewpointSentence.of2"
                values={{
                  categoryPick: (
                    <CategoryPick
                      value={view.product}
                      onPick={(product, replace) => onChange({ product }, replace)}
                    />
                  ),
                }}
              />
            </>
          ),
          country: (
            <SearchPick
              label={t('pages.viewpointSentence.country')}
              value={view.country}
              none={t('pages.viewpointSentence.anUnknownCountry')}
              first={LIKELY}
              choices={COUNTRIES}
              onPick={(picked) => onChange({ country: picked })}
            />
          ),
          language: (
            <SearchPick
              label={t('pages.viewpointSentence.language')}
              value={view.language}
              none={t('pages.viewpointSentence.thePagesLanguage')}
              choices={LANGUAGES}
              onPick={(picked) => onChange({ language: picked })}
            />
          ),
          screens: (
            <InlineSelect
              label={t('pages.viewpointSentence.screen')}
              value={view.screens}
              choices={SCREENS}
              onPick={(screens) => onChange({ screens })}
            />
          ),
          moment: (
            <InstantPick
              value={view.moment}
              now={now}
              onPick={(moment) => onChange({ moment }, view.moment !== undefined)}
            />
          ),
        }}
      />
    </div>
  );
}

function VariantPick({ view, onChange }: { view: ViewpointParts; onChange: ChangeViewpoint }) {
  const variants = useVariants(view.product);
  if (variants.length < 2) return null;
  return (
    <>
      <InlineSelect
        label={t('pages.viewpointSentence.variant')}
        value={view.variant ?? ''}
        choices={[
          { value: '', text: t('pages.viewpointSentence.asSelectedThere') },
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
  return (
    <InlineSelect
      label={t('pages.viewpointSentence.category')}
      value={value ?? ''}
      choices={categories}
      onPick={onPick}
    />
  );
}
