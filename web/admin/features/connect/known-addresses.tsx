import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button } from '../../ui/button';
import { useNotify } from '../../ui/toasts';
import { api, need, problemText } from '../../shared/api';
import { t } from '../../shared/t';
import { draftChanged, useLearnedPages } from '../layout/nod-queries';
import type { Shop } from '../shop/queries';

/** Adds a way to address products to the draft, or takes one from it. */
export function useLearnAddress(act: 'add' | 'remove') {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (pattern: string) =>
      act === 'add'
        ? need(api.POST('/api/v1/layout/pages/products', { body: { pattern } }))
        : need(api.DELETE('/api/v1/layout/pages/products', { params: { query: { pattern } } })),
    onSuccess: () => draftChanged(queries),
  });
}

/** How products are addressed, as it was shown; each beyond the first can be taken away. */
export function KnownAddresses({ shop }: { shop: Shop }) {
  const learned = useLearnedPages().data?.products ?? [];
  const remove = useLearnAddress('remove');
  const { say } = useNotify();
  return (
    <p className="flex flex-wrap items-baseline gap-x-3 gap-y-1 text-ink-2">
      <span>{t('connect.known.productsAreAt')}</span>
      <Pattern text={shop.productPath} />
      {learned.map((pattern) => (
        <span key={pattern} className="flex items-baseline gap-1.5">
          <Pattern text={pattern} />
          <Button
            look="link"
            aria-label={t('connect.known.removeThis', { pattern })}
            disabled={remove.isPending}
            onClick={() =>
              remove.mutate(pattern, {
                onSuccess: () => say(t('connect.known.removed')),
                onError: (error) => say(problemText(error), true),
              })
            }
          >
            {t('connect.known.remove')}
          </Button>
        </span>
      ))}
    </p>
  );
}

/** A pattern, what names the product underlined in it; what only names its variant is left out. */
function Pattern({ text }: { text: string }) {
  const [before = '', after = ''] = text.replace(/[?&][^?&=]+=\{variant\}/, '').split('{product}');
  return (
    <code className="break-all text-ink">
      {before}
      <b className="border-b-2 border-plum text-plum">{t('connect.known.product')}</b>
      {after}
    </code>
  );
}
