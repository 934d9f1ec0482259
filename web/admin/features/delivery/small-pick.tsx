import { useRef, useState, type ReactNode } from 'react';
import { Popover } from 'radix-ui';
import { problemText } from '../../shared/api';
import { useUnsaved } from '../../shared/unsaved';
import { Button } from '../../ui/button';
import { Caret, PICK, SHEET } from '../../ui/inline-select';
import { t } from '../../shared/t';

interface SmallPickProps {
  label: string;
  shown: string;
  /** overruled values stay, and can still be changed */
  isOverruled?: boolean;
  width?: string;
  /** keeps what is set; a problem is told in the sheet, which then stays open */
  onKeep: () => Promise<unknown>;
  onOpen?: () => void;
  children: ReactNode;
}

/** A choice inside a sentence whose sheet holds some fields and a button to keep them. */
export function SmallPick(props: SmallPickProps) {
  const { label, shown, isOverruled = false, width = 'w-72', onKeep, onOpen, children } = props;
  const [open, setOpen] = useState(false);
  const [problem, setProblem] = useState<string>();
  const [isTouched, setTouched] = useState(false);
  const isKeeping = useRef(false);
  useUnsaved(label, open && isTouched);
  const keep = async () => {
    if (isKeeping.current) return;
    isKeeping.current = true;
    try {
      await onKeep();
      setProblem(undefined);
      setTouched(false);
      setOpen(false);
    } catch (error) {
      setProblem(problemText(error));
      // its own button may have closed it meanwhile: what was set is not lost by that
      setTouched(true);
      setOpen(true);
    } finally {
      isKeeping.current = false;
    }
  };
  const touch = () => {
    setTouched(true);
  };
  return (
    <Popover.Root
      open={open}
      onOpenChange={(next) => {
        setOpen(next);
        setProblem(undefined);
        setTouched(false);
        if (next) onOpen?.();
      }}
    >
      <Popover.Trigger
        className={
          isOverruled ? `${PICK} border-line-2! font-medium! text-ink-2! line-through` : PICK
        }
        aria-label={`${label}: ${shown}`}
      >
        {shown}
        <Caret />
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          className={`${SHEET} ${width} p-3!`}
          align="start"
          sideOffset={4}
          aria-label={label}
          // going on elsewhere keeps what was set, as Keep does; Escape alone gives it up
          onInteractOutside={(event) => {
            if (!isTouched) return;
            event.preventDefault();
            void keep();
          }}
        >
          <form
            className="flex flex-col gap-2.5"
            onChange={touch}
            onClick={(event) => {
              if ((event.target as Element).closest('[type=button]')) touch();
            }}
            onSubmit={(event) => {
              event.preventDefault();
              void keep();
            }}
          >
            {children}
            {problem && (
              <p role="alert" className="text-[13px] text-rust-ink">
                {problem}
              </p>
            )}
            <Button look="inside" type="submit" className="self-start py-1!">
              {t('delivery.smallPick.save')}
            </Button>
          </form>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
