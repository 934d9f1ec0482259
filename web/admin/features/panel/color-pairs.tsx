import { Button } from '../../ui/button';
import { Colour } from '../nod-editor/style-value';
import type { useKit } from '../layout/nod-queries';
import { useServerForm } from '../../shared/server-form';
import { T, t } from '../../shared/t';

type PairView = NonNullable<ReturnType<typeof useKit>['data']>['pairs'][number];
export type Pair = Pick<PairView, 'name' | 'ground' | 'words'>;

/** Pairs as they are kept, without what is computed from them. */
export const plain = (pairs: PairView[]): Pair[] =>
  pairs.map(({ name, ground, words }) => ({ name, ground, words }));

interface KitPairsProps {
  pairs: PairView[];
  onPut: (pairs: Pair[]) => void;
}

/** Grounds with the words that stand on them, each with its contrast; one more to add. */
export function ColorPairs({ pairs, onPut }: KitPairsProps) {
  const kept = plain(pairs);
  return (
    <section>
      <h2 className="mb-1 text-[15px]">{t('pages.colorPairs.backgroundAndTextColours')}</h2>
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
          {t('pages.colorPairs.aa')}
        </text>
      </svg>
      <b>{pair.name}</b>
      <span className={`text-[13px] ${passes ? 'text-ink-2' : 'text-rust-ink'}`}>
        {passes
          ? t('pages.colorPairs.contrast', { ratio })
          : t('pages.colorPairs.lowContrast', { ratio })}
      </span>
      {nearest && (
        <Button look="link" onClick={() => onTake(nearest)}>
          <T id="pages.colorPairs.use" values={{ nearest }} />
        </Button>
      )}
      <span className="flex-1" />
      <button
        type="button"
        aria-label={t('pages.colorPairs.remove', { name: pair.name })}
        className="rounded px-1 text-ink-2 hover:bg-paper-2"
        onClick={onRemove}
      >
        ×
      </button>
    </li>
  );
}

function NewPair({ onAdd }: { onAdd: (pair: Pair) => void }) {
  const { form, pick, onSubmit } = useServerForm<Pair>({
    name: '',
    ground: '#ffffff',
    words: '#271b2d',
  });
  const add = onSubmit((fresh) => {
    onAdd(fresh);
    form.setValue('name', '');
  });
  const ground = pick('ground');
  const words = pick('words');
  return (
    <form
      className="mt-2 flex flex-wrap items-baseline gap-2 text-ink-2"
      onSubmit={(event) => void add(event)}
    >
      <T
        id="pages.colorPairs.withText"
        values={{
          input: (
            <input
              aria-label={t('pages.colorPairs.nameOfThePair')}
              placeholder={t('pages.colorPairs.nameEGClay')}
              required
              className="w-52 rounded-lg border border-line-3 bg-white px-2.5 py-1 text-ink"
              {...form.register('name')}
            />
          ),
          colour: (
            <Colour
              label={t('pages.colorPairs.backgroundColour')}
              value={ground.value}
              inherited={undefined}
              onSet={(colour) => ground.onPick(colour ?? '')}
            />
          ),
          colour2: (
            <Colour
              label={t('pages.colorPairs.textColour')}
              value={words.value}
              inherited={undefined}
              onSet={(colour) => words.onPick(colour ?? '')}
            />
          ),
        }}
      />
      <Button type="submit">{t('pages.colorPairs.addPair')}</Button>
    </form>
  );
}
