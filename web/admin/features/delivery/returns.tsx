import { Button } from '../../ui/button';
import { useNotify } from '../../ui/toasts';
import { AddRule, type Scope } from './add-rule';
import { fullDay, ruleTitle } from './labels';
import {
  useReturns,
  type DeliveryView,
  type Ordered,
  type ReturnRule,
  type Settings,
} from './queries';
import { ReturnRow } from './return-row';
import { acted, freeId } from './rule-list';
import { T, t } from '../../shared/t';

interface ReturnsProps {
  view: DeliveryView;
  order: Ordered;
  names: Map<string, string>;
  tags: string[];
  onSet: (settings: Settings, words: string) => Promise<unknown>;
}

/** How long what is sold can be sent back, by what it is, where it goes and when it was ordered. */
export function Returns({ view, order, names, tags, onSet }: ReturnsProps) {
  const { settings } = view;
  const rules = settings.returns ?? [];
  const reading = useReturns(order).data;
  const { sayProblem } = useNotify();
  const put = (returns: ReturnRule[], words: string) => onSet({ ...settings, returns }, words);
  const add = (scope: Scope) =>
    void put(
      [...rules, { ...scope, id: freeId(rules, PREFIX), on: true, days: USUAL_DAYS }],
      t('delivery.returns.ruleAdded'),
    ).catch(sayProblem);
  return (
    <section
      aria-label={t('delivery.returns.returns')}
      className="min-w-0 rounded-xl border border-line bg-paper px-4 pt-2.5 pb-3"
    >
      <div className="flex items-baseline gap-2">
        <h2 className="text-base">{t('delivery.returns.returns')}</h2>
        <span className="ml-auto text-[12.5px] text-ink-2">
          <T
            id="delivery.returns.add"
            values={{
              pick: <AddRule label={t('delivery.returns.addARuleFor')} tags={tags} onAdd={add} />,
            }}
          />
        </span>
      </div>
      <p className="text-[13px] text-ink-2">{t('delivery.returns.howItIsCounted')}</p>
      <ul className="mt-1.5 flex flex-col gap-1.5">
        {rules.map((rule) => (
          <ReturnRow
            key={rule.id}
            rule={rule}
            title={ruleTitle({ of: rule.of, ...(rule.name ? { name: rule.name } : {}) }, names)}
            isInForce={reading?.rules.includes(rule.id) ?? false}
            gaps={view.gaps.filter((gap) => gap.where === rule.id).map((gap) => gap.text)}
            onSet={(next) =>
              put(
                rules.map((one) => (one.id === next.id ? next : one)),
                t('delivery.returns.ruleChanged'),
              )
            }
            onAct={(act) =>
              void put(acted(rules, rule, act, PREFIX), t('delivery.returns.ruleChanged')).catch(
                sayProblem,
              )
            }
          />
        ))}
      </ul>
      {rules.length === 0 && (
        <div className="mt-1.5 rounded-xl border border-dashed border-line-3 px-3 py-3 text-ink-2">
          <p>{t('delivery.returns.noneYet')}</p>
          <Button look="inside" className="mt-2" onClick={() => add({ of: 'SHOP' })}>
            {t('delivery.returns.setThirtyDays', { days: USUAL_DAYS })}
          </Button>
        </div>
      )}
      {reading && rules.length > 0 && (
        <p className="mt-2 border-t border-line pt-1.5 text-[13.5px]">
          <b>{t('delivery.returns.result')}</b> {result(reading, order.products.length > 1)}
        </p>
      )}
    </section>
  );
}

const PREFIX = 'returns';
const USUAL_DAYS = 30;

function result(
  reading: NonNullable<ReturnType<typeof useReturns>['data']>,
  isOfSeveral: boolean,
): string {
  if (!reading.ruled)
    return t(isOfSeveral ? 'delivery.returns.noRuleForAll' : 'delivery.returns.noRule');
  if (!reading.arriving) return t('delivery.returns.noArrival');
  if (reading.lastDay) return t('delivery.returns.until', { day: fullDay(reading.lastDay) });
  return t(isOfSeveral ? 'delivery.returns.notAllTakenBack' : 'delivery.returns.notTakenBack');
}
