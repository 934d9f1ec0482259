import { useState } from 'react';
import { Button } from '../../ui/button';
import { InlineSelect } from '../../ui/inline-select';
import { useNotify } from '../../ui/toasts';
import { addNod, useDraftAct, type PageKindName } from '../layout/nod-queries';
import { KINDS } from '../kinds/kinds';
import { useTrial } from '../layout/queries';
import { useSpots } from '../layout/spots';
import { PanelHead } from '../layout/panel-head';
import { T, t } from '../../shared/t';

interface AddNodProps {
  /** the kind of page that is looked at */
  page: string;
  product: string | undefined;
  token: string;
  spot: string | undefined;
  onDone: () => void;
  onAdded: (nod: string, step: number) => void;
}

/** Each kind of nod as it would show with this product's real facts, to put on the page. */
export function AddNod({ page, product, token, spot, onDone, onAdded }: AddNodProps) {
  const add = useDraftAct(addNod);
  const { sayProblem } = useNotify();
  const spots = useSpots();
  const [chosen, setChosen] = useState<Record<string, string>>({});
  return (
    <>
      <PanelHead title={t('pages.addNod.addANod')} onBack={onDone} />
      <ul className="min-h-0 flex-1 overflow-y-auto px-4.5 pb-4">
        {KINDS.map((kind) => {
          const usual = page === 'product' ? kind.spot : (OF_PAGE[page] ?? onCard(kind.spot));
          const at = chosen[kind.value] ?? spot ?? usual;
          return (
            <li key={kind.value} className="border-t border-line py-3 first:border-0">
              <h2 className="text-[16px]">{kind.text}</h2>
              <p className="text-[13px] text-ink-2">{kind.note}</p>
              {product ? (
                <Trial kind={kind} product={product} token={token} />
              ) : (
                <p className="mt-2 text-[13px] text-ink-2">
                  {t('pages.addNod.openAProductPageTo')}
                </p>
              )}
              <p className="mt-2 flex flex-wrap items-center gap-2 text-ink-2">
                <Button
                  look="inside"
                  disabled={add.isPending}
                  onClick={() =>
                    add.mutate(
                      {
                        kind: kind.value,
                        spot: at,
                        page: page.toUpperCase() as PageKindName,
                      },
                      {
                        onSuccess: (added) => onAdded(added.face.id, added.step.id),
                        onError: sayProblem,
                      },
                    )
                  }
                >
                  <T id="pages.addNod.add" values={{ name: kind.text }} />
                </Button>
                <InlineSelect
                  label={t('pages.addNod.place', {
                    name: kind.text,
                  })}
                  value={at}
                  choices={spots}
                  onPick={(to) => setChosen({ ...chosen, [kind.value]: to })}
                />
              </p>
            </li>
          );
        })}
      </ul>
    </>
  );
}

interface TrialProps {
  kind: (typeof KINDS)[number];
  product: string;
  token: string;
}

/** Where a nod of the page as a whole usually stands. */
const OF_PAGE: Record<string, string> = { basket: 'basket-end', confirmation: 'order-end' };

const onCard = (spot: string) => (spot === 'on-picture' ? spot : 'listing-card');

/** A kind with this product's facts; where it would not show, why. */
function Trial({ kind, product, token }: TrialProps) {
  const trial = useTrial(kind.value, product);
  const withheld = trial.data?.nods.find((nod) => !nod.shown);
  if (withheld)
    return (
      <p className="mt-2 rounded-lg border border-dashed border-line-3 px-3 py-2 text-[13px] text-ink-2">
        {withheld.because}
      </p>
    );
  return (
    <iframe
      title={t('pages.addNod.forThisProduct', { text: kind.text })}
      src={`/embed/neutral/product?product=${product}&only=${kind.spot}#${new URLSearchParams({ 'nodyes-preview': token, trial: kind.value }).toString()}`}
      className={`mt-2 w-full rounded-lg border border-line bg-white ${kind.height}`}
      loading="lazy"
    />
  );
}
