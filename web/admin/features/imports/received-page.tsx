import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { Button } from '../../ui/button';
import { Empty } from '../../ui/empty-state';
import { ReviewTabs } from '../reviews/tabs';
import { isHandedOver, READY, type HandedOver } from './bookmark';
import { handOver, wayOn } from './visit-queries';
import { t } from '../../shared/t';

/** Receives a page from the bookmark button, and looks through it once the owner says so. */
export function ReceivedPage() {
  const navigate = useNavigate();
  const [page, setPage] = useState<HandedOver | undefined>();
  const [problem, setProblem] = useState<string | undefined>();
  const [busy, setBusy] = useState(false);
  useEffect(() => {
    const opener = window.opener as Window | null;
    const receive = (event: MessageEvent<unknown>) => {
      if (opener && event.source === opener && isHandedOver(event.data)) setPage(event.data);
    };
    window.addEventListener('message', receive);
    opener?.postMessage(READY, '*');
    return () => window.removeEventListener('message', receive);
  }, []);
  const look = () => {
    if (!page) return;
    setBusy(true);
    setProblem(undefined);
    handOver(page.address, page.html)
      .then((visit) => navigate(wayOn(visit) ?? '/reviews/bring-in'))
      .catch((error: Error) => setProblem(error.message))
      .finally(() => setBusy(false));
  };
  return (
    <>
      <ReviewTabs />
      <div className="min-h-0 flex-1 overflow-auto">
        <Empty
          level={1}
          title={
            page ? t('imports.receivedPage.pageReceived') : t('imports.receivedPage.noPageReceived')
          }
        >
          {page ? (
            <>
              <p className="text-ink">
                <b>{page.title}</b>
              </p>
              <p className="mb-4 break-all">{page.address}</p>
              <Button look="inside" disabled={busy} onClick={look}>
                {busy
                  ? t('imports.receivedPage.reading')
                  : t('imports.receivedPage.checkItsReviews')}
              </Button>
            </>
          ) : (
            t('imports.receivedPage.openAPageWithReviews')
          )}
          {problem && (
            <p role="alert" className="mt-4 rounded-lg bg-rust-soft px-3 py-2 text-rust-ink">
              {problem}
            </p>
          )}
        </Empty>
      </div>
    </>
  );
}
