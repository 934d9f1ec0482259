import { ProductPick } from '../../../ui/product-pick';

interface ProductsPickProps {
  /** slugs */
  values: string[];
  onSet: (slugs: string[]) => void;
}

/** Products picked by hand, one after another. */
export function ProductsPick({ values, onSet }: ProductsPickProps) {
  return (
    <span className="inline-flex flex-wrap items-baseline gap-x-1.5 gap-y-1">
      {values.map((slug) => (
        <span
          key={slug}
          className="inline-flex items-baseline gap-1 rounded-md bg-plum-soft px-1.5"
        >
          {slug}
          <button
            type="button"
            aria-label={`Without ${slug}`}
            className="text-ink-2"
            onClick={() => onSet(values.filter((one) => one !== slug))}
          >
            ×
          </button>
        </span>
      ))}
      <ProductPick
        label={values.length === 0 ? 'A product' : 'Another product'}
        value={undefined}
        none={values.length === 0 ? 'choose a product' : 'or another'}
        onPick={(slug) => slug && !values.includes(slug) && onSet([...values, slug])}
      />
    </span>
  );
}
