import { useState } from 'react';
import { Button } from '../../ui/button';
import { useNotify } from '../../ui/toasts';
import { Problem } from '../../shared/api';
import { number } from '../../shared/format';
import { T, t } from '../../shared/t';
import { useSaveShop, type Shop } from '../shop/queries';
import { AddressForm } from './address-form';
import { AddressParts } from './address-parts';
import { useLearnAddress } from './known-addresses';
import { StateDrop } from './state-drop';
import { useReadAddress, type ReadAddress } from './queries';

interface ShowProductProps {
  shop: Shop;
  onRead: (address: string) => void;
}

/** Learns from the address of one product how all of them are addressed. */
export function ShowProduct({ shop, onRead }: ShowProductProps) {
  const [address, setAddress] = useState('');
  const read = useReadAddress();
  const problem = read.error instanceof Problem ? read.error : undefined;
  const fault =
    problem?.faults.find(({ field }) => field === 'address')?.reason ?? problem?.message;
  return (
    <section
      className="rounded-2xl border border-line bg-paper p-6"
      aria-labelledby="show-one-product"
    >
      <h2 id="show-one-product" className="text-lg">
        {t('connect.show.title')}
      </h2>
      <AddressForm
        label={t('connect.show.openAnyProduct')}
        value={address}
        placeholder={`${shop.address || 'https://shop.example'}/…`}
        fault={fault}
        onChange={(event) => setAddress(event.target.value)}
        act={read.isPending ? t('connect.show.reading') : t('connect.show.readIt')}
        isBusy={read.isPending}
        onAsk={() =>
          read.mutate(address, {
            // pages of a shop are looked at once it is known to be the owner's
            onSuccess: ({ origin }) => origin === shop.address && onRead(address),
          })
        }
      />
      {read.data && <WasRead read={read.data} shop={shop} onSaved={() => onRead(read.variables)} />}
    </section>
  );
}

interface WasReadProps {
  read: ReadAddress;
  shop: Shop;
  onSaved: () => void;
}

function WasRead({ read, shop, onSaved }: WasReadProps) {
  const save = useSaveShop();
  const add = useLearnAddress('add');
  const { say } = useNotify();
  const wanted = {
    ...shop,
    address: read.origin,
    productPath: read.productPath,
    listingPath: read.listingPath ?? shop.listingPath,
    basketPath: read.basketPath ?? shop.basketPath,
  };
  const isSaved =
    JSON.stringify([shop.address, shop.productPath, shop.listingPath, shop.basketPath]) ===
    JSON.stringify([wanted.address, wanted.productPath, wanted.listingPath, wanted.basketPath]);
  const problem = [save.error, add.error].find((error) => error instanceof Problem);
  const isAnother = shop.address === read.origin && shop.productPath !== read.productPath;
  const opened = read.tried.filter(({ failure }) => !failure).length;
  return (
    <div className="mt-6" role="status">
      <AddressParts read={read} />
      {read.failure && <p className="mt-4 text-rust-ink">{read.failure}</p>}
      {read.tried.length > 0 && (
        <section className="mt-6 border-t border-line pt-3">
          <h3 className="text-[15px]">
            {t('connect.show.tried', { tried: read.tried.length, others: read.others, opened })}
          </h3>
          <ul>
            {read.tried.map(({ path, title, failure }) => (
              <li key={path} className="flex items-baseline gap-2.5 border-t border-line py-1.5">
                <StateDrop state={failure ? 'trouble' : 'fine'} />
                <span className="min-w-0 break-all">{path}</span>
                <span className="flex-1" />
                <span className={failure ? 'text-rust-ink' : 'text-ink-2'}>{failure ?? title}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {(read.listingPath ?? read.basketPath) && (
        <section className="mt-4 border-t border-line pt-3">
          <h3 className="text-[15px]">{t('connect.show.foundFromLinks')}</h3>
          {read.listingPath && (
            <FromLinks path={read.listingPath} text={t('connect.show.listings')} />
          )}
          {read.basketPath && <FromLinks path={read.basketPath} text={t('connect.show.basket')} />}
        </section>
      )}
      {problem && (
        <p role="alert" className="mt-3 rounded-lg bg-rust-soft px-3 py-2 text-rust-ink">
          {[problem.message, ...problem.faults.map(({ reason }) => reason)].join(' ')}
        </p>
      )}
      <p className="mt-5 flex items-center gap-3">
        <Button
          look="inside"
          disabled={save.isPending || isSaved}
          onClick={() =>
            save.mutate(wanted, {
              onSuccess: () => {
                say(t('connect.show.saved'));
                onSaved();
              },
            })
          }
        >
          {t('connect.show.useIt')}
        </Button>
        {isAnother && (
          <Button
            disabled={add.isPending}
            onClick={() =>
              add.mutate(read.productPath, { onSuccess: () => say(t('connect.show.added')) })
            }
          >
            {t('connect.show.useItToo')}
          </Button>
        )}
        <span className="text-[13px] text-ink-2">
          {isSaved ? (
            t('connect.show.isUsed')
          ) : (
            <T
              id="connect.show.replaces"
              values={{ path: <code>{shop.productPath}</code>, n: number(read.others + 1) }}
            />
          )}
        </span>
      </p>
    </div>
  );
}

function FromLinks({ path, text }: { path: string; text: string }) {
  return (
    <p className="flex items-baseline gap-2.5 border-t border-line py-1.5">
      <StateDrop state="fine" />
      <span className="min-w-0 break-all">{path}</span>
      <span className="flex-1" />
      <span className="text-ink-2">{text}</span>
    </p>
  );
}
