import { keysHere } from '../../shared/keys';
import { Key } from '../../ui/button';
import { Over } from '../../ui/over';

const EVERYWHERE = [
  ['Ctrl K', 'go to a place, a product or a nod'],
  ['?', 'these keys'],
] as const;

/** The keys of the screen that is seen. */
export function KeySheet({ onDone }: { onDone: () => void }) {
  const here = keysHere();
  return (
    <Over title="Keys of this screen" onDone={onDone}>
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
      {here.length === 0 && <p className="mt-2 text-ink-2">This screen has none of its own.</p>}
    </Over>
  );
}
