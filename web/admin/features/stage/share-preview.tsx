import { Popover } from 'radix-ui';
import { useMutation } from '@tanstack/react-query';
import { Button } from '../../ui/button';
import { SHEET } from '../../ui/inline-select';
import { QrCode } from '../../ui/qr-code';
import { useCopy } from '../../ui/copy';
import { moment } from '../../shared/format';
import { shareToken } from '../layout/nod-queries';
import { T, t } from '../../shared/t';

interface ShareProps {
  page: string;
  as: Record<string, string>;
  zone: string;
}

/** A link to this page as the draft has it, for one's own phone; it ends after a day. */
export function SharePreview({ page, as, zone }: ShareProps) {
  const token = useMutation({ mutationFn: shareToken });
  const copy = useCopy();
  const link =
    token.data &&
    `${page}#${new URLSearchParams({ 'nodyes-look': token.data.token, ...as }).toString()}`;
  return (
    <Popover.Root onOpenChange={(open) => open && token.mutate()}>
      <Popover.Trigger className="text-[13px] text-plum underline">
        {t('pages.sharePreview.previewOnYourPhone')}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          className={`${SHEET} w-72 p-4!`}
          align="end"
          sideOffset={6}
          aria-label={t('pages.sharePreview.previewOnYourPhone')}
        >
          <h2 className="text-[16px]">{t('pages.sharePreview.previewOnYourPhone2')}</h2>
          {token.error && (
            <p className="text-rust-ink">{t('pages.sharePreview.theLinkCouldNotBe')}</p>
          )}
          {link && token.data && (
            <>
              <QrCode
                text={link}
                label={t('pages.sharePreview.qrCodeOfTheLink')}
                className="my-2 w-full"
              />
              <p className="text-[13px] text-ink-2">
                <T
                  id="pages.sharePreview.anyoneWithThisLinkCan"
                  values={{ endsAt: moment(token.data.endsAt, zone) }}
                />
              </p>
              <Button
                className="mt-2"
                onClick={() => copy(link, t('pages.sharePreview.linkCopied'))}
              >
                {t('pages.sharePreview.copyLink')}
              </Button>
              <input
                readOnly
                aria-label={t('pages.sharePreview.link')}
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
