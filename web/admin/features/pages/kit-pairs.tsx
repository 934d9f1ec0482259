import { useState } from 'react';
import { Button } from '../../ui/button';
import { Colour } from './faces/look-value';
import type { useKit } from './nod-queries';

type PairView = NonNullable<ReturnType<typeof useKit>['data']>['pairs'][number];
export type Pair = Pick<PairView, 'name' | 'ground' | 'words'>;

/** Pairs as they are kept, without what is reckoned from them. */
export const plain = (pairs: PairView[]): Pair[] =>
  pairs.map(({ name, ground, words }) => ({ name, ground, words }));

interface KitPairsProps {
  pairs: PairView[];
  onPut: (pairs: Pair[]) => void;
}

/** Grounds with the words that stand on them, each with its contrast; one more to add. */
export function KitPairs({ pairs, onPut }: KitPairsProps) {
  const kept = plain(pairs);
  return (
    <section>
      <h2 className="mb-1 text-[15px]">Pairs of ground and words</h2>
      <ul className="flex flex-col gap-1.5">
        {pairs.map((pair) => (
          <PairLine
            key={pair.name}
            pair={pair}
            onTake={(words) =>
              onPut(kept.map((one) => (one.name === pair.name ? { ...one, words } : one)))
            }
            onRemove={() => onPut(kept.filter((one) => one.name !== pair.name))}
          />
        ))}
      </ul>
      <NewPair onAdd={(pair) => onPut([...kept, pair])} />
    </section>
  );
}

interface PairLineProps {
  pair: PairView;
  /** takes other words, that are dark enough */
  onTake: (words: string) => void;
  onRemove: () => void;
}

function PairLine({ pair, onTake, onRemove }: PairLineProps) {
  const { ratio, passes, nearest } = pair.contrast;
  return (
    <li className="flex items-center gap-2.5">
      <svg viewBox="0 0 36 24" className="h-6 w-9 rounded border border-line" aria-hidden>
        <rect width="36" height="24" fill={pair.ground} />
        <text x="18" y="17" textAnchor="middle" fontSize="14" fill={pair.words}>
          Aa
        </text>
      </svg>
      <b>{pair.name}</b>
      <span className={`text-[13px] ${passes ? 'text-ink-2' : 'text-rust-ink'}`}>
        {ratio} : 1{!passes && ', too pale for words'}
      </span>
      {nearest && (
        <Button look="link" onClick={() => onTake(nearest)}>
          take {nearest}
        </Button>
      )}
      <span className="flex-1" />
      <button
        type="button"
        aria-label={`Remove ${pair.name}`}
        className="rounded px-1 text-ink-2 hover:bg-paper-2"
        onClick={onRemove}
      >
        ×
      </button>
    </li>
  );
}

function NewPair({ onAdd }: { onAdd: (pair: Pair) => void }) {
  const [fresh, setFresh] = useState({ name: '', ground: '#ffffff', words: '#271b2d' });
  return (
    <form
      className="mt-2 flex flex-wrap items-baseline gap-2 text-ink-2"
      onSubmit={(event) => {
        event.preventDefault();
        onAdd(fresh);
        setFresh({ ...fresh, name: '' });
      }}
    >
      <input
        aria-label="Name of the pair"
        placeholder="A name, such as Clay"
        required
        value={fresh.name}
        className="w-52 rounded-lg border border-line-3 bg-white px-2.5 py-1 text-ink"
        onChange={(event) => setFresh({ ...fresh, name: event.target.value })}
      />
      <Colour
        label="Ground of the pair"
        value={fresh.ground}
        inherited={undefined}
        onSet={(ground) => setFresh({ ...fresh, ground: ground ?? '' })}
      />
      under
      <Colour
        label="Words of the pair"
        value={fresh.words}
        inherited={undefined}
        onSet={(words) => setFresh({ ...fresh, words: words ?? '' })}
      />
      <Button type="submit">Add the pair</Button>
    </form>
  );
}
