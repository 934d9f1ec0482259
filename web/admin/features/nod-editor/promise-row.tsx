import { InlineSelect } from '../../ui/inline-select';
import { PickMany } from '../../ui/pick-many';
import { COUNTRIES } from '../layout/places';
import { IconPick } from './icon-pick';
import type { Promised } from './promise';
import { T, t } from '../../shared/t';

interface OnePromiseProps {
  promise: Promised;
  index: number;
  of: number;
  lang: string;
  onSet: (promise: Promised) => void;
  onMove: (to: number) => void;
  onDrop: (from: number) => void;
  onRemove: () => void;
}

const ABOUT: { value: Promised['about']; text: string }[] = [
  { value: 'RETURNS', text: t('nod.promiseRow.returns') },
  { value: 'WARRANTY', text: t('nod.promiseRow.repairOrReplacement') },
  { value: 'DELIVERY', text: t('nod.promiseRow.shipping') },
  { value: 'PAYMENT', text: t('nod.promiseRow.payment') },
  { value: 'MAKING', text: t('nod.promiseRow.materials') },
  { value: 'OTHER', text: t('nod.promiseRow.other') },
];
const INPUT =
  'w-full rounded-lg border border-line-3 bg-white px-2.5 py-1.5 placeholder:text-ink-2';
type Said = Promised['words'][string];

const NEEDS_TERMS = ['RETURNS', 'WARRANTY'];

const NOTHING: Said = { title: '', line: '' };

/** One promise: its words, its drawing, where its terms are, and where it holds. */
export function PromiseRow(props: OnePromiseProps) {
  const { promise, index, of, lang, onSet, onMove, onDrop, onRemove } = props;
  const name = t('nod.promiseRow.promise', { index: index + 1 });
  const said = promise.words[lang] ?? NOTHING;
  const set = (changes: Partial<Promised>) => onSet({ ...promise, ...changes });
  const say = (changes: Partial<Said>) =>
    set({ words: { ...promise.words, [lang]: { ...said, ...changes } } });
  return (
    <li
      className="border-t border-line/70 px-4.5 py-3 first:border-0"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault();
        onDrop(Number(event.dataTransfer.getData('text/plain')));
      }}
    >
      <div className="flex items-start gap-2">
        <button
          type="button"
          draggable
          aria-label={t('nod.promiseRow.ofMoveWithAltAnd', { name, of })}
          aria-keyshortcuts="Alt+ArrowUp Alt+ArrowDown"
          title={t('nod.promiseRow.dragOrAltAndArrow')}
          className="cursor-grab rounded px-1 py-1.5 text-ink-2 hover:bg-paper-2"
          onDragStart={(event) => event.dataTransfer.setData('text/plain', String(index))}
          onKeyDown={(event) => {
            if (!event.altKey) return;
            if (event.key === 'ArrowUp') onMove(index - 1);
            else if (event.key === 'ArrowDown') onMove(index + 1);
            else return;
            event.preventDefault();
          }}
        >
          ⠿
        </button>
        <div className="min-w-0 flex-1">
          <PromiseWords promise={promise} name={name} lang={lang} onSay={say} />
          <p className="mt-1.5 flex flex-wrap items-baseline gap-x-1.5 gap-y-1 text-ink-2">
            <T
              id="nod.promiseRow.iconTopicValidIn"
              values={{
                markPick: (
                  <IconPick
                    label={t('nod.promiseRow.icon', { name })}
                    value={promise.drawing}
                    onPick={(drawing) => set({ drawing: drawing ?? 'none' })}
                  />
                ),
                pick: (
                  <InlineSelect
                    label={t('nod.promiseRow.topic', { name })}
                    value={promise.about}
                    choices={ABOUT}
                    onPick={(about) => set({ about })}
                  />
                ),
                pickMany: (
                  <PickMany
                    label={t('nod.promiseRow.validIn', { name })}
                    values={promise.countries}
                    any={t('nod.promiseRow.everyCountry')}
                    choices={COUNTRIES}
                    onPick={(countries) => set({ countries })}
                  />
                ),
              }}
            />
          </p>
          <input
            aria-label={t('nod.promiseRow.link', { name })}
            value={promise.link}
            placeholder={t('nod.promiseRow.linkToYourTermsHttps')}
            className={`mt-1.5 text-[13px] ${INPUT}`}
            onChange={(event) => set({ link: event.target.value })}
          />
          {NEEDS_TERMS.includes(promise.about) && !promise.link && (
            <p className="mt-1 text-[13px] text-rust-ink">
              {t('nod.promiseRow.noLinkToYourTerms')}
            </p>
          )}
        </div>
        <button
          type="button"
          aria-label={t('nod.promiseRow.remove', { name: name })}
          className="rounded px-1 text-ink-2 hover:bg-paper-2"
          onClick={onRemove}
        >
          ×
        </button>
      </div>
    </li>
  );
}

interface PromiseWordsProps {
  promise: Promised;
  name: string;
  lang: string;
  onSay: (changes: Partial<Said>) => void;
}

function PromiseWords({ promise, name, lang, onSay }: PromiseWordsProps) {
  const said = promise.words[lang] ?? NOTHING;
  const english = promise.words['en'] ?? NOTHING;
  const rtl = lang === 'ar' ? 'rtl' : 'ltr';
  return (
    <>
      <input
        aria-label={t('nod.promiseRow.text', { name })}
        lang={lang}
        dir={rtl}
        maxLength={60}
        value={said.title}
        placeholder={english.title || t('nod.promiseRow.eGFreeReturnsFor')}
        className={`${INPUT} font-semibold`}
        onChange={(event) => onSay({ title: event.target.value })}
      />
      <input
        aria-label={t('nod.promiseRow.secondLine', { name })}
        lang={lang}
        dir={rtl}
        maxLength={140}
        value={said.line}
        placeholder={english.line || t('nod.promiseRow.secondLineOptional')}
        className={`mt-1.5 text-[13px] ${INPUT}`}
        onChange={(event) => onSay({ line: event.target.value })}
      />
    </>
  );
}
