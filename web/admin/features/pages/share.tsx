import { Popover } from 'radix-ui';
import { useMutation } from '@tanstack/react-query';
import { Button } from '../../ui/button';
import { SHEET } from '../../ui/pick';
import { QrCode } from '../../ui/qr-code';
import { useCopy } from '../../ui/copy';
import { moment } from '../../shared/words';
import { shareToken } from './nod-queries';

interface ShareProps {
  page: string;
  as: Record<string, string>;
  zone: string;
}

/** A link to this page as the draft has it, for one's own phone; it ends after a day. */
export function Share({ page, as, zone }: ShareProps) {
  const token = useMutation({ mutationFn: shareToken });
  const copy = useCopy();
  const link =
    token.data &&
    `${page}#${new URLSearchParams({ 'nodyes-look': token.data.token, ...as }).toString()}`;
  return (
    <Popover.Root onOpenChange={(open) => open && token.mutate()}>
      <Popover.Trigger className="text-[13px] text-plum underline">On your phone</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          className={`${SHEET} w-72 p-4!`}
          align="end"
          sideOffset={6}
          aria-label="On your phone"
        >
          <h2 className="text-[16px]">The draft on your phone</h2>
          {token.error && <p className="text-rust-ink">The link could not be made. Try again.</p>}
          {link && token.data && (
            <>
              <QrCode text={link} label="The link as a code to scan" className="my-2 w-full" />
              <p className="text-[13px] text-ink-2">
                Whoever has the link sees this page as the draft has it, until{' '}
                {moment(token.data.endsAt, zone)}.
              </p>
              <Button className="mt-2" onClick={() => copy(link, 'The link is copied')}>
                Copy the link
              </Button>
              <input
                readOnly
                aria-label="The link"
                value={link}
                className="mt-2 w-full rounded border border-line-3 bg-white px-2 py-1 text-[12px]"
                onFocus={(event) => event.target.select()}
              />
            </>
          )}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
