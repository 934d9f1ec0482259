import type { ReactNode } from 'react';
import { t } from '../../shared/t';

interface PanelHeadProps {
  title: string;
  onBack: () => void;
  children?: ReactNode;
}

/** The head of what stands beside the page, with the way back to its nods. */
export function PanelHead({ title, onBack, children }: PanelHeadProps) {
  return (
    <header className="flex items-center gap-2.5 px-4.5 pt-3.5 pb-2">
      <button
        type="button"
        aria-label={t('pages.panelHead.backToTheNodsOn')}
        className="grid size-7 shrink-0 place-items-center rounded-lg border border-line-3 hover:bg-paper-2"
        onClick={onBack}
      >
        ←
      </button>
      <h1 className="min-w-0 flex-1 truncate text-[19px]">{title}</h1>
      {children}
    </header>
  );
}
