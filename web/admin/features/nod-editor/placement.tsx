import { InlineSelect } from '../../ui/inline-select';
import { PickMany } from '../../ui/pick-many';
import { useProductView } from '../catalogue/queries';
import { useShopPicture } from '../shop/queries';
import { useSpots } from '../layout/spots';
import type { FaceProps } from './face';
import { ownOptions } from './own-options';
import { PlaceDots, PlaceWords } from './place-pick';
import { T, t } from '../../shared/t';

const PAGES = [
  { value: 'PRODUCT' as const, text: t('nod.placement.productPages') },
  { value: 'LISTING' as const, text: t('nod.placement.categoryPages') },
  { value: 'HOME' as const, text: t('nod.placement.theHomePage') },
  { value: 'BASKET' as const, text: t('nod.placement.theBasket') },
  { value: 'CONFIRMATION' as const, text: t('nod.placement.orderConfirmations') },
];

const SCREENS = [
  { value: 'BOTH' as const, text: t('nod.placement.allScreenSizes') },
  { value: 'WIDE' as const, text: t('nod.placement.desktopOnly') },
  { value: 'NARROW' as const, text: t('nod.placement.phonesOnly') },
];

const OF_HERE = ['pages', 'screens', 'spot', 'own.options.corner'];

type WhereProps = Omit<FaceProps, 'view' | 'values' | 'row'> & {
  /** a product whose picture it sits on */
  lead: string | undefined;
};

/** Where it stands: spot, place on the picture, pages and screens. */
export function PlacementFace({ face, set, faults, lead, onChange }: WhereProps) {
  const spots = useSpots();
  const picture = useShopPicture();
  const product = useProductView(lead).data;
  const { values, put } = ownOptions(face, set);
  const corner = set.spot === 'on-picture' ? values['corner'] : undefined;
  const place = (next: string) => onChange(put('corner', next));
  return (
    <section
      className="flex gap-4 border-t border-line px-4.5 py-3 text-ink-2"
      aria-label={t('nod.placement.place')}
    >
      {corner !== undefined && (
        <PlaceDots value={corner} picture={picture(product?.picture ?? '')} onPick={place} />
      )}
      <div className="flex flex-col gap-2.5">
        <p className="flex flex-wrap items-center gap-1.5">
          <T
            id="nod.placement.place2"
            values={{
              pick: (
                <InlineSelect
                  label={t('nod.placement.spot')}
                  value={set.spot}
                  choices={spots}
                  onPick={(spot) => onChange({ spot })}
                />
              ),
              corner: corner !== undefined && <PlaceWords value={corner} onPick={place} />,
            }}
          />
        </p>
        <p className="flex flex-wrap items-center gap-1.5">
          <T
            id="nod.placement.on"
            values={{
              pickMany: (
                <PickMany
                  label={t('nod.placement.kindsOfPage')}
                  values={set.pages}
                  any={t('nod.placement.noPage')}
                  choices={PAGES}
                  onPick={(pages) => onChange({ pages })}
                />
              ),
            }}
          />
        </p>
        <p className="flex flex-wrap items-center gap-1.5">
          <T
            id="nod.placement.on2"
            values={{
              pick: (
                <InlineSelect
                  label={t('nod.placement.screens')}
                  value={set.screens.length === 1 ? (set.screens[0] ?? 'BOTH') : 'BOTH'}
                  choices={SCREENS}
                  onPick={(screen) =>
                    onChange({ screens: screen === 'BOTH' ? ['WIDE', 'NARROW'] : [screen] })
                  }
                />
              ),
            }}
          />
        </p>
        {faults
          .filter(({ field }) => OF_HERE.includes(field))
          .map(({ field, reason }) => (
            <p key={field} role="alert" className="text-[13px] text-rust-ink">
              {reason}
            </p>
          ))}
      </div>
    </section>
  );
}
