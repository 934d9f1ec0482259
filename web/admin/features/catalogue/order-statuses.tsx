import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, need, type Schemas } from '../../shared/api';
import { Button } from '../../ui/button';
import { useNotify } from '../../ui/toasts';
import { T, t } from '../../shared/t';

type Outcome = Schemas['StatusWord']['outcome'];

const OUTCOMES: { value: Outcome; text: string }[] = [
  { value: 'SOLD', text: t('catalogue.orderStatuses.sold') },
  { value: 'NOT_SOLD', text: t('catalogue.orderStatuses.notSoldYet') },
  { value: 'RETURNED', text: t('catalogue.orderStatuses.returned') },
];

/** Words for the status of an order that were not understood, each with what it can mean. */
export function OrderStatuses({
  words,
  isRead = true,
}: {
  words: string[];
  /** whether the file was read already, and has to be read again */
  isRead?: boolean;
}) {
  const queries = useQueryClient();
  const { say, sayProblem } = useNotify();
  const learn = useMutation({
    mutationFn: (body: Schemas['StatusWord']) =>
      need(api.PUT('/api/v1/orders/status-words', { body })),
    onSuccess: () =>
      Promise.all(
        ['feeds', 'feed-look'].map((name) => queries.invalidateQueries({ queryKey: [name] })),
      ),
  });
  if (words.length === 0) return null;
  return (
    <section
      aria-label={t('catalogue.orderStatuses.orderStatusWords')}
      className="mb-2 rounded-xl bg-saffron-soft px-4 py-3 text-saffron-ink"
    >
      <p>
        {isRead
          ? t('catalogue.orderStatuses.theseOrdersAreNotCounted')
          : t('catalogue.orderStatuses.chooseWhatEachMeans')}
      </p>
      <ul className="mt-1.5 flex flex-col gap-1">
        {words.map((word) => (
          <li key={word} className="flex flex-wrap items-baseline gap-x-3">
            <T
              id="catalogue.orderStatuses.means2"
              values={{
                b: <b>{t('shared.format.quoted', { text: word })}</b>,
                map: OUTCOMES.map((one) => (
                  <Button
                    key={one.value}
                    look="link"
                    aria-label={t('catalogue.orderStatuses.means', { word, text: one.text })}
                    disabled={learn.isPending}
                    onClick={() =>
                      learn.mutate(
                        { word, outcome: one.value },
                        {
                          onSuccess: () =>
                            say(
                              t('catalogue.orderStatuses.nowMeans', {
                                word,
                                text: one.text,
                              }),
                            ),
                          onError: sayProblem,
                        },
                      )
                    }
                  >
                    {one.text}
                  </Button>
                )),
              }}
            />
          </li>
        ))}
      </ul>
    </section>
  );
}
