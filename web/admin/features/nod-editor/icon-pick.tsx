import { useState, type ReactNode } from 'react';
import { Button } from '../../ui/button';
import { PickSheet } from '../../ui/pick-sheet';
import { addressOf, useIcons, useAssets } from '../layout/assets';
import { ownChoices, useUpload } from './upload';
import { T, t } from '../../shared/t';

interface MarkPickProps {
  label: string;
  /** a drawing by name, an emoji, a picture of the shop's own, or 'none' */
  value: string;
  onPick: (value: string | undefined) => void;
}

const EMOJI = /\p{Extended_Pictographic}|\p{Regional_Indicator}/u;

/** A drawing found by words, an emoji, or a picture of the shop's own. */
export function IconPick({ label, value, onPick }: MarkPickProps) {
  const [open, setOpen] = useState(false);
  const [text, setText] = useState('');
  const typed = text.trim();
  const emoji = EMOJI.test(typed) ? typed : undefined;
  const drawings = useIcons(emoji ? '' : typed, open);
  const all = useIcons('', true);
  const materials = useAssets();
  const own = ownChoices(materials.data?.items ?? [], 'PICTURE', value);
  const take = (next: string | undefined) => {
    onPick(next);
    setOpen(false);
    setText('');
  };
  const upload = useUpload('PICTURE', label, take);
  const found = drawings.data?.items ?? [];
  const first = emoji ?? found[0]?.name;
  return (
    <>
      <PickSheet
        label={label}
        shown={shownAs(value, [...own, ...(all.data?.items ?? []).map(named)])}
        field={t('ui.searchPick.search', { label })}
        hint={t('nod.iconPick.aWordOrAnEmoji')}
        wide
        open={open}
        onOpen={setOpen}
        text={text}
        onText={setText}
        onEnter={() => first && typed && take(first)}
      >
        <li>
          <ul className="grid grid-cols-8 gap-1" aria-label={t('nod.iconPick.icons')}>
            {emoji && (
              <Cell name={emoji} chosen={value === emoji} onTake={() => take(emoji)}>
                {emoji}
              </Cell>
            )}
            {found.map((one) => (
              <Cell
                key={one.name}
                name={one.title}
                chosen={value === one.name}
                onTake={() => take(one.name)}
              >
                <svg
                  viewBox="0 0 24 24"
                  className="size-6 fill-none stroke-current stroke-[1.5] [stroke-linecap:round] [stroke-linejoin:round]"
                  aria-hidden
                >
                  <path d={one.outline} />
                </svg>
              </Cell>
            ))}
            {own.map((one) => (
              <Cell
                key={one.value}
                name={one.text}
                chosen={value === one.value}
                onTake={() => take(one.value)}
              >
                <img src={addressOf(one.file)} alt="" className="size-6 object-contain" />
              </Cell>
            ))}
          </ul>
          {drawings.data && found.length === 0 && (
            <p className="px-2 py-1 text-[13px] text-ink-2">
              <T id="nod.iconPick.noIconForUseAn" values={{ typed }} />
            </p>
          )}
        </li>
        <li className="flex gap-3 px-2 pt-2 pb-1">
          <Button look="link" onClick={() => take('none')}>
            {t('nod.iconPick.none')}
          </Button>
          <Button look="link" disabled={upload.busy} onClick={upload.open}>
            {t('nod.iconPick.addImage')}
          </Button>
        </li>
      </PickSheet>
      {upload.field}
    </>
  );
}

const named = (icon: { name: string; title: string }) => ({ value: icon.name, text: icon.title });

function shownAs(value: string, own: { value: string; text: string }[]): string {
  if (value === 'none') return t('nod.iconPick.none');
  return own.find((one) => one.value === value)?.text ?? value;
}

interface CellProps {
  name: string;
  chosen: boolean;
  onTake: () => void;
  children: ReactNode;
}

function Cell({ name, chosen, onTake, children }: CellProps) {
  return (
    <li>
      <button
        type="button"
        title={name}
        aria-label={name}
        aria-pressed={chosen}
        className="grid size-10 place-items-center rounded-lg text-[20px] hover:bg-plum-soft aria-pressed:bg-ink aria-pressed:text-paper"
        onClick={onTake}
      >
        {children}
      </button>
    </li>
  );
}
