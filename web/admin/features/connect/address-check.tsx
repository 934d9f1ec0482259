import { useState } from 'react';
import { Link } from 'react-router';
import { Button } from '../../ui/button';
import { Failure } from '../../ui/empty-state';
import { useCopy } from '../../ui/copy';
import { Problem } from '../../shared/api';
import { t } from '../../shared/t';
import { spotTitle } from '../layout/spots';
import { AddressForm } from './address-form';
import { LocalShop } from './local-shop';
import { StateDrop } from './state-drop';
import { isWaitingForLine, useAddressCheck, type AddressChecked } from './queries';

type Step = AddressChecked['steps'][number];

const DROPS = { FINE: 'fine', TROUBLE: 'trouble', NOT_LOOKED_AT: 'open' } as const;

interface AddressCheckProps {
  address: string;
  onAsk: (address: string) => void;
}

/** One address step by step; the first trouble decides what is next. */
export function AddressCheck({ address, onAsk }: AddressCheckProps) {
  const [typed, setTyped] = useState<string>();
  const check = useAddressCheck(address);
  const problem = check.error instanceof Problem ? check.error : undefined;
  const fault = problem?.faults.find(({ field }) => field === 'address')?.reason;
  return (
    <section
      className="self-start rounded-2xl border border-line bg-paper p-5"
      aria-labelledby="check-one-address"
    >
      <h2 id="check-one-address" className="text-lg">
        {t('connect.check.title')}
      </h2>
      <AddressForm
        label={t('connect.check.address')}
        value={typed ?? address}
        fault={fault}
        onChange={(event) => setTyped(event.target.value)}
        act={check.isFetching ? t('connect.check.checking') : t('connect.check.checkIt')}
        isBusy={check.isFetching || !(typed ?? address).trim()}
        onAsk={() => {
          const wanted = (typed ?? address).trim();
          if (wanted === address) void check.refetch();
          else onAsk(wanted);
        }}
      />
      {check.error && !fault && <Failure error={check.error} again={() => void check.refetch()} />}
      {check.data && !check.error && <Steps checked={check.data} />}
    </section>
  );
}

function Steps({ checked }: { checked: AddressChecked }) {
  return (
    <div role="status">
      <ol className="mt-3 flex flex-col gap-3">
        {checked.steps.map((step) => (
          <StepLine key={step.step} step={step} />
        ))}
      </ol>
      {checked.places.length > 0 && (
        <ul className="mt-2 ml-6 grid grid-cols-2 gap-x-4 text-[13px] text-ink-2">
          {checked.places.map(({ spot, isFound }) => (
            <li key={spot} className="flex items-baseline gap-2">
              <StateDrop state={isFound ? 'fine' : 'trouble'} />
              <span>{spotTitle(spot)}</span>
              {!isFound && <span className="sr-only">{t('connect.check.notFound')}</span>}
            </li>
          ))}
        </ul>
      )}
      <p className="mt-3 text-[13px] text-ink-2">{t('connect.check.fromTheSource')}</p>
      {checked.next && (
        <div className="mt-4 border-t border-line pt-3">
          <p>
            <b>{t('connect.check.next')}</b> {checked.next}
          </p>
          {isWaitingForLine(checked) && (
            <p className="mt-1 text-[13px] text-ink-2">{t('connect.check.lookingAgain')}</p>
          )}
          <PointLink checked={checked} />
          {checked.isLocal && <LocalShop act="allow" />}
        </div>
      )}
    </div>
  );
}

function PointLink({ checked: { steps, product } }: { checked: AddressChecked }) {
  const first = steps.find(({ outcome }) => outcome === 'TROUBLE');
  if (first?.step !== 'PLACES' || !product) return null;
  return (
    <Link
      to={`/pages/product/${product}`}
      className="mt-3 inline-block rounded-lg bg-ink px-3.5 py-1.5 font-semibold text-paper hover:bg-dark-2"
    >
      {t('connect.check.openInPages')}
    </Link>
  );
}

function StepLine({ step }: { step: Step }) {
  const copy = useCopy();
  const { outcome, title, evidence, code } = step;
  return (
    <li className="grid grid-cols-[18px_minmax(0,1fr)] gap-x-2">
      <StateDrop state={DROPS[outcome]} />
      <b className={outcome === 'NOT_LOOKED_AT' ? 'text-ink-2' : ''}>{title}</b>
      <div className="col-start-2 text-[13px] text-ink-2">
        <p className="break-words">{evidence}</p>
        {code && (
          <div className="mt-1 flex items-start gap-2 rounded-lg border border-line bg-paper-2 p-2">
            <code className="min-w-0 flex-1 break-all text-ink">{code}</code>
            <Button look="link" onClick={() => copy(code)}>
              {t('connect.line.copy')}
            </Button>
          </div>
        )}
      </div>
    </li>
  );
}
