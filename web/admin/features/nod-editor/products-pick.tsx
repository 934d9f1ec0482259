import { ProductPick } from '../../ui/product-pick';
import { t } from '../../shared/t';

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
            aria-label={t('nod.productsPick.remove', { slug })}
            className="text-ink-2"
            onClick={() => onSet(values.filter((one) => one !== slug))}
          >
            ×
          </button>
        </span>
      ))}
      <ProductPick
        label={
          values.length === 0
            ? t('nod.productsPick.aProduct')
            : t('nod.productsPick.anotherProduct')
        }
        value={undefined}
        none={
          values.length === 0
            ? t('nod.productsPick.chooseAProduct')
            : t('nod.productsPick.orAnother')
        }
        onPick={(slug) => slug && !values.includes(slug) && onSet([...values, slug])}
      />
    </span>
  );
}
