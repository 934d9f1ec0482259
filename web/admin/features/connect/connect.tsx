import { useState } from 'react';
import { Link } from 'react-router';
import { Failure, Loading } from '../../ui/empty-state';
import { isLost } from '../../shared/api';
import { number, since } from '../../shared/format';
import { T, t } from '../../shared/t';
import { SetupTabs } from '../setup/tabs';
import { useShop } from '../shop/queries';
import { Button } from '../../ui/button';
import { AddressCheck } from './address-check';
import { KnownAddresses } from './known-addresses';
import { LocalShop } from './local-shop';
import { PagesSeen } from './pages-seen';
import { ScriptLine } from './script-line';
import { ShowProduct } from './show-product';
import { useConnection, type Connection } from './queries';

/** Whether the shop's pages have the line, and what Nod Yes takes them for. */
export function Connect() {
  const shop = useShop();
  const connection = useConnection();
  const [address, setAddress] = useState('');
  const [isShowing, setShowing] = useState(false);
  const lost = isLost(shop) ? shop : isLost(connection) ? connection : undefined;
  if (lost) return <Failure error={lost.error} again={() => void lost.refetch()} />;
  if (!shop.data || !connection.data) return <Loading />;
  const isFirst = !connection.data.lastViewAt;
  return (
    <>
      <SetupTabs />
      <div className="min-h-0 flex-1 overflow-auto">
        <div className="grid grid-cols-[minmax(0,1.1fr)_minmax(0,1fr)] items-center gap-6 border-b border-line bg-paper px-5 py-4 max-[900px]:grid-cols-1">
          <Head connection={connection.data} />
          <ScriptLine isFirst={isFirst} />
        </div>
        <div className="grid grid-cols-[minmax(0,1.9fr)_minmax(0,1fr)] items-start gap-4 p-5 max-[900px]:grid-cols-1">
          <div className="flex min-w-0 flex-col gap-4">
            {isFirst || isShowing ? (
              <ShowProduct shop={shop.data} onRead={setAddress} />
            ) : (
              <div className="flex items-baseline gap-4 px-1">
                <KnownAddresses shop={shop.data} />
                <span className="flex-1" />
                <Link to="/setup/connect/cards" className="text-plum underline underline-offset-2">
                  {t('connect.seen.teach')}
                </Link>
                <Button look="link" onClick={() => setShowing(true)}>
                  {t('connect.show.showUsAnother')}
                </Button>
              </div>
            )}
            {connection.data.opensLocalShop && (
              <p className="flex flex-wrap items-baseline gap-x-3 px-1 text-ink-2">
                {t('connect.local.isOpened')}
                <LocalShop act="forbid" />
              </p>
            )}
            {!isFirst && <PagesSeen connection={connection.data} onCheck={setAddress} />}
          </div>
          <AddressCheck key={address} address={address} onAsk={setAddress} />
        </div>
      </div>
    </>
  );
}

function Head({ connection }: { connection: Connection }) {
  const { lastViewAt, lastPage, isSilent, views, known } = connection;
  const isWell = !!lastViewAt && !isSilent;
  return (
    <div className="flex items-center gap-5">
      <span
        aria-hidden
        className={`grid h-16 w-16 shrink-0 place-items-center rounded-[50%_50%_50%_6px] ${isWell ? 'bg-fern text-paper' : 'border-[3px] border-dashed border-line-3 text-line-3'}`}
      >
        <svg viewBox="0 0 24 24" className="h-8 w-8 fill-none stroke-current stroke-[2.500]">
          <path d="M5 12.500l4.500 4.500L19 7" strokeLinecap="round" strokeLinejoin="round" />
        </svg>
      </span>
      <div>
        <h1 className="text-2xl">
          {!lastViewAt
            ? t('connect.head.oneLine')
            : isSilent
              ? t('connect.head.silent')
              : t('connect.head.connected')}
        </h1>
        <p className="mt-1 text-ink-2">
          {lastViewAt ? (
            <T
              id="connect.head.lastView"
              values={{
                since: <b className="text-ink">{since(lastViewAt)}</b>,
                page: lastPage ?? '',
                views: <b className="text-ink">{number(views)}</b>,
                known: <b className="text-ink">{number(known)}</b>,
              }}
            />
          ) : (
            t('connect.head.putItOnce')
          )}
        </p>
      </div>
    </div>
  );
}
