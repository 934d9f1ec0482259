import { useState } from 'react';
import { Button } from '../../ui/button';
import { useNotify } from '../../ui/toasts';
import { AddRule } from './add-rule';
import { FileActions } from './file-act';
import { RuleCard } from './rule-card';
import { acted, freeId, type RuleAction } from './rule-list';
import type { DeliveryView, Estimate, DeliveryRule, Settings } from './queries';
import { T, t } from '../../shared/t';

interface LayersProps {
  view: DeliveryView;
  journey: Estimate | undefined;
  names: Map<string, string>;
  tags: string[];
  onSet: (settings: Settings, words: string) => Promise<unknown>;
}

/** Layers in their order: for each value the first that sets it wins, and the others are shown as overruled. */
export function Rules({ view, journey, names, tags, onSet }: LayersProps) {
  const { sayProblem } = useNotify();
  const [showsAll, setShowsAll] = useState(false);
  const { settings } = view;
  const readings = new Map(journey?.layers.map((reading) => [reading.id, reading]));
  const order = journey ? [...readings.keys()] : settings.layers.map((layer) => layer.id);
  const here = order.flatMap((id) => settings.layers.filter((layer) => layer.id === id));
  const elsewhere = settings.layers.filter((layer) => !order.includes(layer.id));
  const put = (layers: DeliveryRule[], words: string) => onSet({ ...settings, layers }, words);
  const replace = (next: DeliveryRule, words: string) =>
    put(
      settings.layers.map((layer) => (layer.id === next.id ? next : layer)),
      t('delivery.rules.changed', { words }),
    );
  const act = (layer: DeliveryRule, what: RuleAction) =>
    void put(
      acted(settings.layers, layer, what, PREFIX),
      t('delivery.rules.deliveryRule', { what }),
    ).catch(sayProblem);
  const card = (layer: DeliveryRule) => (
    <RuleCard
      key={layer.id}
      layer={layer}
      reading={readings.get(layer.id)}
      stock={journey?.stock}
      names={names}
      gaps={view.gaps.filter((gap) => gap.where === layer.id).map((gap) => gap.text)}
      onSet={replace}
      onAct={(what) => act(layer, what)}
    />
  );
  return (
    <section
      aria-label={t('delivery.rules.whichRuleApplies')}
      className="min-w-0 rounded-xl border border-line bg-paper px-4 py-3"
    >
      <div className="flex items-baseline gap-2">
        <h2 className="text-base">{t('delivery.rules.whichRuleApplies')}</h2>
        <span className="ml-auto text-[12.5px] text-ink-2">
          <T
            id="delivery.rules.add"
            values={{
              addLayer: (
                <AddRule
                  label={t('delivery.rules.addARuleFor')}
                  tags={tags}
                  onAdd={(scope) =>
                    void put(
                      [
                        {
                          ...scope,
                          id: freeId(settings.layers, PREFIX),
                          on: true,
                          handling: { least: 1, most: 2 },
                        },
                        ...settings.layers,
                      ],
                      t('delivery.rules.deliveryRuleAdded'),
                    ).catch(sayProblem)
                  }
                />
              ),
            }}
          />
        </span>
      </div>
      <p className="mt-0.5 text-[13px] text-ink-2">
        {t('delivery.rules.theMostSpecificRuleApplies')}
      </p>
      <ul className="mt-2 flex flex-col gap-2">
        {here.map(card)}
        {showsAll && elsewhere.map(card)}
      </ul>
      {settings.layers.length === 0 && (
        <div className="mt-2 rounded-xl border border-dashed border-line-3 px-3 py-3 text-ink-2">
          <p>{t('delivery.rules.noHandlingTimesYetSo')}</p>
          <Button
            look="inside"
            className="mt-2"
            onClick={() =>
              void put([FIRST], t('delivery.rules.firstDeliveryRule')).catch(sayProblem)
            }
          >
            {t('delivery.rules.setYourWorkingWeek')}
          </Button>
        </div>
      )}
      <p className="mt-2 flex flex-wrap gap-x-4 text-[13px]">
        {elsewhere.length > 0 && (
          <Button look="link" onClick={() => setShowsAll(!showsAll)}>
            {showsAll
              ? t('delivery.rules.onlyRulesForThisOrder')
              : t('delivery.rules.moreForOtherProducts', { elsewhere: elsewhere.length })}
          </Button>
        )}
        <FileActions kind="rules" accept=".csv,text/csv" out="/api/v1/delivery/rules.csv" />
      </p>
      {journey && journey.explanation.length > 0 && (
        <p className="mt-2.5 border-t border-line pt-2 text-[13.5px] leading-normal">
          <b>{t('delivery.rules.result')}</b> {journey.explanation.join(' ')}
        </p>
      )}
    </section>
  );
}

const PREFIX = 'timing';

const FIRST: DeliveryRule = {
  id: 'shop',
  of: 'SHOP',
  on: true,
  handling: { least: 1, most: 2 },
  cutOffs: {
    MONDAY: '16:00',
    TUESDAY: '16:00',
    WEDNESDAY: '16:00',
    THURSDAY: '16:00',
    FRIDAY: '16:00',
  },
  holidays: [],
};
