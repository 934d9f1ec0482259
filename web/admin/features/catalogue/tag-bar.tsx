import { Button } from '../../ui/button';
import { InlineSelect } from '../../ui/inline-select';
import { useServerForm } from '../../shared/server-form';
import { useNotify } from '../../ui/toasts';
import { useTagEffects, useTagging, useTags } from './queries';
import { t } from '../../shared/t';

interface Tagged {
  tag: string;
  has: 'give' | 'take';
}

interface TagBarProps {
  chosen: ReadonlySet<number>;
  onClear: () => void;
  onDone: (words: string, undo: () => void) => void;
}

/** Gives the chosen products a tag; what it would change is said before it is done. */
export function TagBar({ chosen, onClear, onDone }: TagBarProps) {
  const { form, pick, onSubmit } = useServerForm<Tagged>({ tag: '', has: 'give' });
  const tags = useTags();
  const { sayProblem } = useNotify();
  const act = useTagging();
  const { tag, has } = form.getValues();
  const tagging = { products: [...chosen], tag: tag.trim(), has: has === 'give' };
  const effects = useTagEffects(tagging);
  const run = () =>
    act.mutate(tagging, {
      onSuccess: ({ changed }) => {
        const words = tagging.has
          ? t('catalogue.tagBar.tagAddedToProducts', { changed: changed.length, tag: tagging.tag })
          : t('catalogue.tagBar.tagRemovedFromProducts', {
              tag: tagging.tag,
              changed: changed.length,
            });
        onDone(words, () => {
          if (changed.length > 0) act.mutate({ ...tagging, products: changed, has: !tagging.has });
        });
      },
      onError: sayProblem,
    });
  const submit = onSubmit(() => tagging.tag && run());
  return (
    <form
      aria-label={t('catalogue.tagBar.selectedProducts')}
      className="flex flex-wrap items-center gap-x-3 gap-y-1.5 bg-dark px-4.5 py-2.5 text-on-dark"
      onSubmit={(event) => void submit(event)}
    >
      <b>{t('catalogue.tagBar.selected', { count: chosen.size })}</b>
      <span className="rounded-lg bg-paper px-2 py-1 text-ink">
        <InlineSelect
          label={t('catalogue.tagBar.action')}
          choices={[
            { value: 'give', text: t('catalogue.tagBar.addTheTag') },
            { value: 'take', text: t('catalogue.tagBar.removeTheTag') },
          ]}
          {...pick('has')}
        />{' '}
        <input
          aria-label={t('catalogue.tagBar.tag')}
          list="known-tags"
          maxLength={40}
          placeholder={t('catalogue.tagBar.eGWinterGift')}
          className="w-40 border-b-2 border-saffron bg-transparent px-1 font-semibold"
          {...form.register('tag')}
        />
        <datalist id="known-tags">
          {tags.data?.items.map((one) => (
            <option key={one.tag} value={one.tag} />
          ))}
        </datalist>
      </span>
      <Button look="onDark" type="submit" disabled={!tagging.tag || act.isPending}>
        {tagging.has ? t('catalogue.tagBar.tag') : t('catalogue.tagBar.removeTagFrom')}{' '}
        {t('catalogue.tagBar.products', { count: chosen.size })}
      </Button>
      <span className="text-[13px] text-on-dark-2" role="status">
        {tagging.tag && effects.data && effect(effects.data)}
      </span>
      <span className="flex-1" />
      <button type="button" className="text-saffron underline" onClick={onClear}>
        {t('catalogue.tagBar.clearSelection')}
      </button>
    </form>
  );
}

interface Effects {
  changed: number;
  effects: { name: string; newly: number; noLonger: number }[];
}

function effect({ changed, effects }: Effects): string {
  if (changed === 0) return t('catalogue.tagBar.nothingToChange');
  if (effects.length === 0) return t('catalogue.tagBar.productsChangeNoNodUses', { changed });
  return effects
    .map(({ name, newly, noLonger }) =>
      [
        newly > 0 && t('catalogue.tagBar.wouldAppearOnOfThe', { name, newly, changed }),
        noLonger > 0 && t('catalogue.tagBar.wouldDisappearFrom', { name, noLonger }),
      ]
        .filter(Boolean)
        .join('; '),
    )
    .join('. ');
}
