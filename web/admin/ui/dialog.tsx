import type { ReactNode } from 'react';
import { Dialog as Radix } from 'radix-ui';
import { t } from '../shared/t';

interface DialogProps {
  title: string;
  /** where its own buttons close it */
  isAsking?: boolean;
  onDone: () => void;
  children: ReactNode;
}

/** A sheet that is laid over the place until it is closed; the place's keys are silent under it. */
export function Dialog({ title, isAsking = false, onDone, children }: DialogProps) {
  return (
    <Radix.Root modal={false} open onOpenChange={(open) => !open && onDone()}>
      <Radix.Portal>
        <div className="fixed inset-0 z-40 bg-dark/40" onClick={onDone} />
        <Radix.Content
          data-over=""
          className="fixed top-24 left-1/2 z-50 flex max-h-[calc(100vh-8rem)] w-[34rem] max-w-[92vw] -translate-x-1/2 flex-col overflow-y-auto rounded-2xl border border-line-2 bg-paper p-6"
          aria-describedby={undefined}
        >
          <Radix.Title className="text-[19px]">{title}</Radix.Title>
          {children}
          {!isAsking && (
            <Radix.Close className="mt-4 shrink-0 self-start rounded-lg border border-line-3 px-3.5 py-1.5 hover:bg-paper-2">
              {t('ui.dialog.close')}
            </Radix.Close>
          )}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
