import { useState } from 'react';
import { PickLine, PickSheet } from '../../ui/pick-sheet';
import { useProducts } from '../../ui/product-pick';
import { useCategories } from '../layout/queries';
import type { DeliveryRule } from './queries';
import { t } from '../../shared/t';

/** What a rule is for. */
export type Scope = Pick<DeliveryRule, 'of' | 'name'>;

interface AddRuleProps {
  label: string;
  tags: string[];
  onAdd: (scope: Scope) => void;
}

/** A rule for the shop, a category, a tag or a product. */
export function AddRule({ label, tags, onAdd }: AddRuleProps) {
  const [open, setOpen] = useState(false);
  const [text, setText] = useState('');
  const categories = useCategories();
  const products = useProducts(text);
  const add = (of: DeliveryRule['of'], name?: string) => {
    setOpen(false);
    setText('');
    onAdd({ of, ...(name === undefined ? {} : { name }) });
  };
  const wanted = text.trim().toLowerCase();
  const fits = (name: string) => name.toLowerCase().includes(wanted);
  return (
    <PickSheet
      label={label}
      shown={t('delivery.rules.choose')}
      hint={t('delivery.rules.categoryTagOrProduct')}
      field={t('delivery.rules.categoryTagOrProduct')}
      wide
      open={open}
      onOpen={setOpen}
      text={text}
      onText={setText}
      onEnter={() => {
        const first = products.data?.items[0];
        if (wanted && first) add('PRODUCT', first.slug);
      }}
    >
      {!wanted && (
        <PickLine note={t('delivery.rules.allProducts')} onPick={() => add('SHOP')}>
          {t('delivery.rules.shopWide')}
        </PickLine>
      )}
      {categories
        .filter((one) => fits(one.text))
        .map((one) => (
          <PickLine
            key={one.value}
            note={t('delivery.rules.category')}
            onPick={() => add('CATEGORY', one.value)}
          >
            {one.text}
          </PickLine>
        ))}
      {tags.filter(fits).map((tag) => (
        <PickLine key={tag} note={t('delivery.rules.tag')} onPick={() => add('TAG', tag)}>
          {tag}
        </PickLine>
      ))}
      {wanted &&
        products.data?.items.map((product) => (
          <PickLine
            key={product.slug}
            note={t('delivery.rules.product')}
            onPick={() => add('PRODUCT', product.slug)}
          >
            {product.title}
          </PickLine>
        ))}
    </PickSheet>
  );
}
