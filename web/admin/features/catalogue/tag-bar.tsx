import { useState } from 'react';
import { Button } from '../../ui/button';
import { Pick } from '../../ui/pick';
import { count } from '../../shared/words';
import { useSay } from '../../ui/toasts';
import { useTagEffects, useTagging, useTags } from './queries';

interface TagBarProps {
  chosen: ReadonlySet<number>;
  onClear: () => void;
  onDone: (words: string, undo: () => void) => void;
}

/** Gives the chosen products a tag; what it would change is said before it is done. */
export function TagBar({ chosen, onClear, onDone }: TagBarProps) {
  const [tag, setTag] = useState('');
  const [has, setHas] = useState<'give' | 'take'>('give');
  const tags = useTags();
  const { sayProblem } = useSay();
  const act = useTagging();
  const tagging = { products: [...chosen], tag: tag.trim(), has: has === 'give' };
  const effects = useTagEffects(tagging);
  const run = () =>
    act.mutate(tagging, {
      onSuccess: ({ changed }) => {
        const words = tagging.has
          ? `Gave ${count(changed.length, 'product')} the tag “${tagging.tag}”`
          : `Took the tag “${tagging.tag}” from ${count(changed.length, 'product')}`;
        onDone(words, () => {
          if (changed.length > 0) act.mutate({ ...tagging, products: changed, has: !tagging.has });
        });
      },
      onError: sayProblem,
    });
  return (
    <form
      aria-label="Chosen products"
      className="flex flex-wrap items-center gap-x-3 gap-y-1.5 bg-plum-deep px-4.5 py-2.5 text-on-plum"
      onSubmit={(event) => {
        event.preventDefault();
        if (tagging.tag) run();
      }}
    >
      <b>{count(chosen.size, 'chosen', 'chosen')}</b>
      <span className="rounded-lg bg-paper px-2 py-1 text-ink">
        <Pick
          label="What to do"
          value={has}
          choices={[
            { value: 'give', text: 'give them the tag' },
            { value: 'take', text: 'take from them the tag' },
          ]}
          onPick={setHas}
        />{' '}
        <input
          aria-label="Tag"
          list="known-tags"
          maxLength={40}
          value={tag}
          placeholder="such as winter gift"
          className="w-40 border-b-2 border-saffron bg-transparent px-1 font-semibold"
          onChange={(event) => setTag(event.target.value)}
        />
        <datalist id="known-tags">
          {tags.data?.items.map((one) => (
            <option key={one.tag} value={one.tag} />
          ))}
        </datalist>
      </span>
      <Button look="onPlum" type="submit" disabled={!tagging.tag || act.isPending}>
        {tagging.has ? 'Tag' : 'Untag'} {count(chosen.size, 'product')}
      </Button>
      <span className="text-[13px] text-on-plum-2" role="status">
        {tagging.tag && effects.data && effect(effects.data)}
      </span>
      <span className="flex-1" />
      <button type="button" className="text-saffron underline" onClick={onClear}>
        Choose none
      </button>
    </form>
  );
}

interface Effects {
  changed: number;
  effects: { name: string; newly: number; noLonger: number }[];
}

function effect({ changed, effects }: Effects): string {
  if (changed === 0) return 'They are so already.';
  if (effects.length === 0) return `It changes ${count(changed, 'product')}; no nod goes by it.`;
  return effects
    .map(({ name, newly, noLonger }) =>
      [
        newly > 0 && `${name}: ${newly} of the ${changed} would newly show it`,
        noLonger > 0 && `${name}: ${noLonger} would show it no longer`,
      ]
        .filter(Boolean)
        .join('; '),
    )
    .join('. ');
}
