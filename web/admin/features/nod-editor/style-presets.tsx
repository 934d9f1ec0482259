import type { ReactNode } from 'react';
import type { KindName } from '../kinds/kind-name';
import { kindOf, usualShape } from '../kinds/kinds';
import { LABELS } from './thumbnails/labels';
import { MOVING_LOOKS } from './thumbnails/moving';
import { SAID } from './thumbnails/said';
import { t } from '../../shared/t';

interface ReadyLooksProps {
  kind: string;
  /** the chosen one; empty is how it looks when none is chosen */
  chosen: string;
  changed: number;
  onPick: (look: string) => void;
}

/** The looks that a kind comes with, each drawn. */
export function StylePresets({ kind, chosen, changed, onPick }: ReadyLooksProps) {
  const ready = kindOf(kind)?.ready ?? [];
  const name = ready.find((one) => one.value === chosen)?.text;
  return (
    <section className="border-b border-line bg-paper-2 px-4.5 py-3">
      <p className="mb-1.5 flex justify-between gap-3 text-[13px] text-ink-2">
        <b>{t('nod.stylePresets.stylePresets')}</b>
        <span>{t('nod.stylePresets.text', { name: name ?? '', changed })}</span>
      </p>
      <div
        className="grid grid-cols-[repeat(auto-fill,minmax(80px,1fr))] gap-x-2 gap-y-1.5"
        role="radiogroup"
        aria-label={t('nod.stylePresets.stylePresets')}
      >
        {ready.map((one) => (
          <button
            key={one.value}
            type="button"
            role="radio"
            aria-checked={chosen === one.value}
            className="group text-center text-[13px] leading-tight text-ink-2 aria-checked:font-semibold aria-checked:text-ink"
            onClick={() => onPick(one.value)}
          >
            <svg
              viewBox="0 0 100 50"
              className="mb-0.5 w-full rounded-lg border-2 border-line bg-white group-hover:border-line-3 group-aria-checked:border-plum"
              aria-hidden
            >
              {drawingOf(kind, one.value)}
            </svg>
            {one.text}
          </button>
        ))}
      </div>
    </section>
  );
}

/** How each kind but labels looks, by the name of a look; labels are drawn by their shape. */
const DRAWINGS: Record<Exclude<KindName, `${string}-label`>, Record<string, ReactNode>> = {
  ...SAID,
  ...MOVING_LOOKS,
};

function drawingOf(kind: string, look: string) {
  const shape = usualShape(kind);
  if (shape) return LABELS[look || shape];
  return Object.hasOwn(DRAWINGS, kind) ? DRAWINGS[kind as keyof typeof DRAWINGS][look] : undefined;
}
