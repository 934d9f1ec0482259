import { ProductPick } from '../../ui/product-pick';
import { useNotify } from '../../ui/toasts';
import { problemText } from '../../shared/api';
import { t } from '../../shared/t';
import { useSayProduct } from './queries';

interface SayProductProps {
  /** what names it on pages */
  name: string;
  onSaid?: () => void;
}

/** Says which product a name on pages means. */
export function SayProduct({ name, onSaid }: SayProductProps) {
  const sayProduct = useSayProduct();
  const { say } = useNotify();
  return (
    <ProductPick
      label={t('connect.seen.sayWhich')}
      value={undefined}
      none={t('connect.seen.sayWhich')}
      onPick={(product) =>
        product &&
        sayProduct.mutate(
          { name, product },
          {
            onSuccess: () => {
              say(t('connect.seen.saidWhich'));
              onSaid?.();
            },
            onError: (error) => say(problemText(error), true),
          },
        )
      }
    />
  );
}
