import type { ReactNode } from 'react';
import { Dialog } from 'radix-ui';

interface OverProps {
  title: string;
  /** where its own buttons close it */
  isAsking?: boolean;
  onDone: () => void;
  children: ReactNode;
}

/** A sheet that is laid over the place until it is closed; the place's keys are silent under it. */
export function Over({ title, isAsking = false, onDone, children }: OverProps) {
  return (
    <Dialog.Root modal={false} open onOpenChange={(open) => !open && onDone()}>
      <Dialog.Portal>
        <div className="fixed inset-0 z-40 bg-plum-deep/40" onClick={onDone} />
        <Dialog.Content
          data-over=""
          className="fixed top-24 left-1/2 z-50 flex max-h-[calc(100vh-8rem)] w-[34rem] max-w-[92vw] -translate-x-1/2 flex-col overflow-y-auto rounded-2xl border border-line-2 bg-paper p-6"
          aria-describedby={undefined}
        >
          <Dialog.Title className="text-[19px]">{title}</Dialog.Title>
          {children}
          {!isAsking && (
            <Dialog.Close className="mt-4 shrink-0 self-start rounded-lg border border-line-3 px-3.5 py-1.5 hover:bg-paper-2">
              Close
            </Dialog.Close>
          )}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
