import { keysHere } from '../../shared/keys';
import { Key } from '../../ui/button';
import { Dialog } from '../../ui/dialog';
import { t } from '../../shared/t';

const EVERYWHERE = [
  [t('session.keyboardShortcuts.ctrlK'), t('session.keyboardShortcuts.goToAScreenProduct')],
  ['?', t('session.keyboardShortcuts.keyboardShortcuts')],
] as const;

/** The keys of the screen that is seen. */
export function KeyboardShortcuts({ onDone }: { onDone: () => void }) {
  const here = keysHere();
  return (
    <Dialog title={t('session.keyboardShortcuts.keyboardShortcuts2')} onDone={onDone}>
      <dl className="mt-3 grid grid-cols-[auto_1fr] items-baseline gap-x-5 gap-y-1.5">
        {[...here, ...EVERYWHERE].map(([keys, does]) => (
          <div key={`${keys} ${does}`} className="contents">
            <dt className="text-right whitespace-nowrap">
              <Key>{keys}</Key>
            </dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
      {here.length === 0 && (
        <p className="mt-2 text-ink-2">{t('session.keyboardShortcuts.noShortcutsOnThisScreen')}</p>
      )}
    </Dialog>
  );
}
