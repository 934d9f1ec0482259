import { useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty-state';
import { isLost } from '../../shared/api';
import { ago, all } from '../../shared/format';
import { T, t } from '../../shared/t';
import { useShopPicture } from '../shop/queries';
import { spotTitle } from '../layout/spots';
import { Marked } from './marked';
import { SayProduct } from './say-product';
import { SignBar } from './sign-bar';
import { StateDrop } from './state-drop';
import { usePagesSeen, type Connection, type PageSeen } from './queries';

const SIZE = 25;

const KINDS = {
  PRODUCT: t('connect.kind.product'),
  LISTING: t('connect.kind.listing'),
  BASKET: t('connect.kind.basket'),
  HOME: t('connect.kind.home'),
  CONFIRMATION: t('connect.kind.confirmation'),
} as const;

interface PagesSeenProps {
  connection: Connection;
  onCheck: (address: string) => void;
}

/** The addresses of this week, those that need the owner first. */
export function PagesSeen({ connection, onCheck }: PagesSeenProps) {
  const [page, setPage] = useState(1);
  const [shape, setShape] = useState('');
  const seen = usePagesSeen(shape, page, SIZE);
  const show = (next: string) => {
    setShape(next);
    setPage(1);
  };
  if (isLost(seen)) return <Failure error={seen.error} again={() => void seen.refetch()} />;
  if (!seen.data) return <Loading />;
  const last = Math.max(1, Math.ceil(seen.data.total / SIZE));
  const cell = 'px-2 py-2 text-left align-top font-normal';
  return (
    <section className="overflow-hidden rounded-2xl border border-line bg-paper">
      {shape && (
        <p className="flex items-baseline gap-3 border-b border-line bg-paper-2 px-4 py-2">
          <code className="min-w-0 flex-1 break-all">{shape}</code>
          <Button look="link" onClick={() => show('')}>
            {t('connect.seen.allAddresses')}
          </Button>
        </p>
      )}
      <table className="w-full table-fixed text-[13.5px]">
        <caption className="sr-only">{t('connect.seen.caption')}</caption>
        <thead className="border-b border-line text-[13px] text-ink-2">
          <tr>
            <th scope="col" className={`${cell} w-[38%] pl-10!`}>
              {t('connect.seen.addresses', { n: connection.pages })}
            </th>
            <th scope="col" className={cell}>
              {t('connect.seen.whatItIs')}
            </th>
            <th scope="col" className={cell}>
              <T
                id="connect.seen.missing"
                values={{
                  n: connection.needTheOwner,
                  b: (text: ReactNode) => <b className="text-rust-ink">{text}</b>,
                }}
              />
            </th>
            <th scope="col" className={`${cell} w-24 pr-4! text-right!`}>
              {t('connect.seen.seen')}
            </th>
          </tr>
        </thead>
        <tbody>
          {seen.data.items.map((one) => (
            <Row key={one.address} page={one} onCheck={onCheck} onShow={show} />
          ))}
        </tbody>
      </table>
      {last > 1 && (
        <p className="flex items-center justify-end gap-3 border-t border-line px-4 py-2 text-[13px]">
          <Button disabled={page === 1} onClick={() => setPage(page - 1)}>
            {t('connect.seen.newer')}
          </Button>
          {t('connect.seen.pageOf', { page, last })}
          <Button disabled={page >= last} onClick={() => setPage(page + 1)}>
            {t('connect.seen.older')}
          </Button>
        </p>
      )}
      {seen.data.items.some(({ cards }) => cards > 0) && (
        <p className="px-4 py-2 text-[13px] text-ink-2">{t('connect.seen.laterCards')}</p>
      )}
      <SignBar connection={connection} />
    </section>
  );
}

interface RowProps {
  page: PageSeen;
  onCheck: (address: string) => void;
  onShow: (shape: string) => void;
}

function Row({ page, onCheck, onShow }: RowProps) {
  const cell = 'px-2 py-2 align-top';
  const isOther = !page.kind && !page.missing;
  return (
    <tr className="border-b border-line">
      <th scope="row" className={`${cell} pl-4! text-left font-normal`}>
        <span className="flex gap-3">
          <StateDrop state={page.missing ? 'trouble' : isOther ? 'open' : 'fine'} />
          <span className="min-w-0">
            <button
              type="button"
              className="text-left break-all hover:underline"
              title={t('connect.seen.checkThis')}
              onClick={() => onCheck(page.address)}
            >
              <Marked
                text={page.shape ?? page.address}
                part={page.shape ? '…' : (page.named ?? '')}
              />
            </button>
            <span className="block text-[13px] break-words text-ink-2">{signOf(page)}</span>
          </span>
        </span>
      </th>
      <td className={cell}>
        {page.shape ? (
          <>
            <b className="block">
              <T id="connect.seen.productPages" values={{ n: page.pages }} />
            </b>
            <Button look="link" onClick={() => onShow(page.shape ?? '')}>
              {t('connect.seen.showThem')}
            </Button>
          </>
        ) : (
          <WhatItIs page={page} />
        )}
      </td>
      <td className={cell}>
        <Missing page={page} />
      </td>
      <td className={`${cell} pr-4! text-right text-ink-2`}>{ago(page.lastAt)}</td>
    </tr>
  );
}

function signOf({ sign, named, address }: PageSeen): ReactNode {
  const told = named && !address.includes(named) && (
    <b className="border-b-2 border-plum text-plum">{named}</b>
  );
  switch (sign) {
    case 'MARKS':
      return t('connect.sign.marks');
    case 'ADDRESS':
      return t('connect.sign.address');
    case 'CANONICAL':
      return <T id="connect.sign.canonical" values={{ named: told || named || '' }} />;
    case 'PRODUCT_DATA':
      return <T id="connect.sign.productData" values={{ named: told || named || '' }} />;
    case 'SHARING':
      return <T id="connect.sign.sharing" values={{ named: told || named || '' }} />;
    case 'META':
      return <T id="connect.sign.meta" values={{ named: told || named || '' }} />;
    case 'CARDS':
      return t('connect.sign.cards');
    case undefined:
    case null:
      return t('connect.sign.none');
  }
}

function WhatItIs({
  page: { kind, product, cards, knownCards, missing, views },
}: {
  page: PageSeen;
}) {
  const picture = useShopPicture()(product?.picture ?? '');
  return (
    <span className="flex gap-2.5">
      {picture && (
        <img
          src={picture}
          alt=""
          className="h-9 w-9 shrink-0 rounded-lg border border-line object-cover"
        />
      )}
      <span className="min-w-0">
        <b className="block">
          {kind
            ? KINDS[kind]
            : missing
              ? t('connect.kind.notRecognised')
              : t('connect.kind.somethingElse')}
        </b>
        <span className="block text-ink-2">
          {product
            ? product.title
            : cards > 0
              ? t('connect.seen.cards', { cards, known: knownCards })
              : t('connect.seen.views', { views })}
        </span>
      </span>
    </span>
  );
}

function Missing({ page }: { page: PageSeen }) {
  if (!page.missing) {
    return page.kind ? (
      <span className="text-fern-ink">{t('connect.seen.nothingMissing')}</span>
    ) : (
      <span className="text-ink-2">{t('connect.seen.nothingToDo')}</span>
    );
  }
  return (
    <span>
      <b className="block text-rust-ink">{page.missing}</b>
      {page.name && <SayProduct name={page.name} />}
      {page.lacking.length > 0 && (
        <span className="block text-ink-2">{all(page.lacking.map(spotTitle))}</span>
      )}
      {page.lacking.length > 0 && page.product && (
        <Link
          to={`/pages/product/${page.product.slug}`}
          className="text-plum underline underline-offset-2"
        >
          {t('connect.check.openInPages')}
        </Link>
      )}
    </span>
  );
}
