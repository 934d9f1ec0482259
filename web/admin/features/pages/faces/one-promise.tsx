import { Pick } from '../../../ui/pick';
import { PickMany } from '../../../ui/pick-many';
import { COUNTRIES } from '../places';
import { MarkPick } from './mark-pick';
import type { Promised } from './promise';

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
  { value: 'RETURNS', text: 'sending back' },
  { value: 'WARRANTY', text: 'repair or replacement' },
  { value: 'DELIVERY', text: 'sending' },
  { value: 'PAYMENT', text: 'a way to pay' },
  { value: 'MAKING', text: 'what it is made of' },
  { value: 'OTHER', text: 'something else' },
];
const INPUT =
  'w-full rounded-lg border border-line-3 bg-white px-2.5 py-1.5 placeholder:text-ink-2';
type Said = Promised['words'][string];

const NEEDS_TERMS = ['RETURNS', 'WARRANTY'];

const NOTHING: Said = { title: '', line: '' };

/** One promise: its words, its drawing, where its terms are, and where it holds. */
export function OnePromise(props: OnePromiseProps) {
  const { promise, index, of, lang, onSet, onMove, onDrop, onRemove } = props;
  const name = `Promise ${index + 1}`;
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
          aria-label={`${name} of ${of}: move with Alt and the arrow keys`}
          aria-keyshortcuts="Alt+ArrowUp Alt+ArrowDown"
          title="Drag, or Alt and the arrow keys"
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
            with
            <MarkPick
              label={`${name}, its drawing`}
              value={promise.drawing}
              onPick={(drawing) => set({ drawing: drawing ?? 'none' })}
            />
            about
            <Pick
              label={`${name}, what it is about`}
              value={promise.about}
              choices={ABOUT}
              onPick={(about) => set({ about })}
            />
            in
            <PickMany
              label={`${name}, where it holds`}
              values={promise.countries}
              any="every country"
              choices={COUNTRIES}
              onPick={(countries) => set({ countries })}
            />
          </p>
          <input
            aria-label={`${name}, its link`}
            value={promise.link}
            placeholder="its terms: https://… or a path such as /returns, or nothing"
            className={`mt-1.5 text-[13px] ${INPUT}`}
            onChange={(event) => set({ link: event.target.value })}
          />
          {NEEDS_TERMS.includes(promise.about) && !promise.link && (
            <p className="mt-1 text-[13px] text-rust-ink">
              It leads to no terms; Proof keeps a note of it.
            </p>
          )}
        </div>
        <button
          type="button"
          aria-label={`Remove ${name.toLowerCase()}`}
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
        aria-label={`${name}, its words`}
        lang={lang}
        dir={rtl}
        maxLength={60}
        value={said.title}
        placeholder={english.title || 'such as: Sent back free for 60 days'}
        className={`${INPUT} font-semibold`}
        onChange={(event) => onSay({ title: event.target.value })}
      />
      <input
        aria-label={`${name}, the line below`}
        lang={lang}
        dir={rtl}
        maxLength={140}
        value={said.line}
        placeholder={english.line || 'a line below, or nothing'}
        className={`mt-1.5 text-[13px] ${INPUT}`}
        onChange={(event) => onSay({ line: event.target.value })}
      />
    </>
  );
}
