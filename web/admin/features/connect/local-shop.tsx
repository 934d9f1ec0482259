import { Button } from '../../ui/button';
import { useNotify } from '../../ui/toasts';
import { problemText } from '../../shared/api';
import { t } from '../../shared/t';
import { useLocalShop } from './queries';

const TEXT = { allow: t('connect.check.itIsMine'), forbid: t('connect.local.stop') };

/** Says that the shop in the own network is the owner's, or that it is opened no more. */
export function LocalShop({ act }: { act: 'allow' | 'forbid' }) {
  const change = useLocalShop(act);
  const { say } = useNotify();
  return (
    <Button
      look={act === 'allow' ? 'inside' : 'link'}
      className={act === 'allow' ? 'mt-3' : ''}
      disabled={change.isPending}
      onClick={() =>
        change.mutate(undefined, { onError: (error) => say(problemText(error), true) })
      }
    >
      {TEXT[act]}
    </Button>
  );
}
