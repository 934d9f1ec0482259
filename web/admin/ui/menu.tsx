import { useEffect, useRef, type ReactNode } from 'react';
import { DropdownMenu } from 'radix-ui';
import { ITEM, leaveArrows, SHEET } from './inline-select';

interface MenuProps {
  /** what is pressed to open it */
  mark: ReactNode;
  /** the name of what is pressed, where its mark says none */
  name?: string;
  className: string;
  align?: 'start' | 'end';
  children: ReactNode;
}

/** What can be done with something; that something stays in sight while the menu is open. */
export function Menu({ mark, name, className, align = 'end', children }: MenuProps) {
  const trigger = useRef<HTMLButtonElement>(null);
  const open = useRef(false);
  // what is listed may be put in another order below an open menu, that goes where its mark goes
  useEffect(() => {
    if (open.current) trigger.current?.scrollIntoView({ block: 'nearest' });
  });
  return (
    <DropdownMenu.Root
      modal={false}
      onOpenChange={(next) => {
        open.current = next;
      }}
    >
      <DropdownMenu.Trigger
        ref={trigger}
        className={className}
        aria-label={name}
        onKeyDown={leaveArrows}
      >
        {mark}
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          className={SHEET}
          align={align}
          sideOffset={4}
          collisionPadding={8}
          aria-label={name}
        >
          {children}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

interface MenuItemProps {
  onSelect?: () => void;
  asChild?: boolean;
  children: ReactNode;
}

export function MenuItem(props: MenuItemProps) {
  return <DropdownMenu.Item className={ITEM} {...props} />;
}
