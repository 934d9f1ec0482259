import { useRef, useState } from 'react';
import { Popover } from 'radix-ui';
import { Link } from 'react-router';
import { moment } from '../../shared/format';
import { Loading } from '../../ui/empty-state';
import { SHEET } from '../../ui/inline-select';
import { MissingSpots } from '../layout/missing-spots';
import { Diagnosis as WhyNot } from '../layout/diagnosis';
import { StatusDrop } from './nod-marks';
import { useProductView, type NodAnswer, type NodColumn } from './queries';
import { t } from '../../shared/t';

interface WhyPopProps {
  column: NodColumn;
  shown: boolean;
  slug: string;
  title: string;
}

/** Whether a nod shows on a product; pressed, why, and when that can change. */
export function ReasonPopover({ column, shown, slug, title }: WhyPopProps) {
  const [asks, setAsks] = useState<NodAnswer>();
  const isAsking = useRef(false);
  const ask = (nod: NodAnswer | undefined) => {
    isAsking.current = !!nod;
    setAsks(nod);
  };
  return (
    <>
      <Popover.Root>
        <Popover.Trigger
          className="flex size-6 items-center justify-center rounded-md hover:bg-paper-2"
          aria-label={t('catalogue.reasonPopover.on', {
            name: column.name,
            title,
            shown: shown
              ? t('catalogue.reasonPopover.shown')
              : t('catalogue.reasonPopover.notShown'),
          })}
        >
          <StatusDrop shown={shown} />
        </Popover.Trigger>
        <Popover.Portal>
          <Popover.Content
            className={`${SHEET} w-[21rem] px-4 py-3`}
            align="end"
            sideOffset={6}
            aria-label={t('catalogue.reasonPopover.whyIs', {
              name: column.name,
              shown: shown
                ? t('catalogue.reasonPopover.shown')
                : t('catalogue.reasonPopover.notShown'),
            })}
            // the answer that opens takes the focus; given back, it would close that at once
            onCloseAutoFocus={(event) => isAsking.current && event.preventDefault()}
          >
            <Why column={column} slug={slug} onAsk={ask} />
            <Popover.Arrow className="fill-paper" />
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
      {asks && (
        <WhyNot
          name={asks.name}
          asked={{ nod: asks.nod, kind: asks.page, product: slug }}
          onDone={() => ask(undefined)}
        />
      )}
    </>
  );
}

interface WhyProps {
  column: NodColumn;
  slug: string;
  onAsk: (nod: NodAnswer) => void;
}

function Why({ column, slug, onAsk }: WhyProps) {
  const product = useProductView(slug);
  const nod = product.data?.nods.find((one) => one.nod === column.nod);
  if (!nod || !product.data) return <Loading lines={3} />;
  return (
    <>
      <p className="flex items-baseline justify-between gap-3">
        <b>{nod.name}</b>
        <span className="rounded-full border border-line-2 px-2 text-[13px]">
          {nod.shown
            ? t('catalogue.reasonPopover.shownState')
            : t('catalogue.reasonPopover.notShown')}
        </span>
      </p>
      <ul className="mt-2 flex flex-col gap-1.5 text-[13px]">
        {nod.findings.map((finding, index) => (
          <li key={index} className="flex gap-2">
            <span className={`shrink-0 ${finding.met ? 'text-fern-ink' : 'text-rust-ink'}`}>
              {finding.met
                ? t('catalogue.reasonPopover.met')
                : t('catalogue.reasonPopover.missing')}
            </span>
            <span>{finding.text}</span>
          </li>
        ))}
      </ul>
      <MissingSpots nod={nod.nod} className="mt-2" />
      {nod.doubts.map((doubt) => (
        <p key={doubt.rule} className="mt-2 text-[13px] text-rust-ink">
          <b>{doubt.rule}.</b> {doubt.text}
        </p>
      ))}
      <p className="mt-2 text-[13px] text-ink-2">
        {nod.until
          ? t('catalogue.reasonPopover.mayChangeOn', {
              until: moment(nod.until, product.data.zone),
            })
          : t('catalogue.reasonPopover.thisWillNotChangeOn')}
      </p>
      <p className="mt-2 flex gap-4">
        <Popover.Close className="font-semibold text-plum underline" onClick={() => onAsk(nod)}>
          {nod.shown
            ? t('catalogue.reasonPopover.checkTheLivePage')
            : t('catalogue.reasonPopover.whyNotShown')}
        </Popover.Close>
        <Link className="font-semibold text-plum underline" to={`/pages/${nod.page}/${slug}`}>
          {t('catalogue.reasonPopover.viewOnThePage')}
        </Link>
      </p>
    </>
  );
}
