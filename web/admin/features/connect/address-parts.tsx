import { t } from '../../shared/t';
import type { ReadAddress } from './queries';

type Role = ReadAddress['parts'][number]['role'];

const MEANING: Record<Role, { text: string; look: string }> = {
  SAME: { text: t('connect.parts.theSame'), look: 'border-line-2' },
  PRODUCT: { text: '', look: 'border-plum border-b-4! font-bold text-plum' },
  VARIANT: { text: t('connect.parts.theVariant'), look: 'border-plum' },
  VARYING: { text: t('connect.parts.anything'), look: 'border-dashed border-line-3' },
  NOT_NEEDED: {
    text: t('connect.parts.notNeeded'),
    look: 'border-dashed border-line-3 text-ink-2',
  },
};

/** An address in its parts, each with what it is for. */
export function AddressParts({ read }: { read: ReadAddress }) {
  const shop = read.origin.replace(/^https?:\/\//, '');
  return (
    <ul className="flex flex-wrap gap-x-1.5 gap-y-4" aria-label={t('connect.parts.label')}>
      <Part text={shop} meaning={t('connect.parts.yourShop')} look="border-line-2" />
      {read.parts.map(({ role, text }, n) => (
        <Part
          key={n}
          text={text}
          meaning={role === 'PRODUCT' ? read.title : MEANING[role].text}
          look={MEANING[role].look}
        />
      ))}
    </ul>
  );
}

function Part({ text, meaning, look }: { text: string; meaning: string; look: string }) {
  return (
    <li className="max-w-full">
      <span className={`block border-b-2 pb-1 font-display text-[22px] break-all ${look}`}>
        {text}
      </span>
      <span className="mt-1.5 block max-w-44 text-[13px] text-ink-2">{meaning}</span>
    </li>
  );
}
