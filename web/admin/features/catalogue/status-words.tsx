import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, need, type Schemas } from '../../shared/api';
import { Button } from '../../ui/button';
import { useSay } from '../../ui/toasts';

type Outcome = Schemas['StatusWord']['outcome'];

const OUTCOMES: { value: Outcome; text: string }[] = [
  { value: 'SOLD', text: 'sold' },
  { value: 'NOT_SOLD', text: 'not sold, or not yet' },
  { value: 'RETURNED', text: 'returned' },
];

/** Words for the status of an order that were not understood, each with what it can mean. */
export function StatusWords({ words }: { words: string[] }) {
  const queries = useQueryClient();
  const { say, sayProblem } = useSay();
  const learn = useMutation({
    mutationFn: (body: Schemas['StatusWord']) =>
      need(api.PUT('/api/v1/orders/status-words', { body })),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['feeds'] }),
  });
  if (words.length === 0) return null;
  return (
    <section
      aria-label="What these words mean"
      className="mb-2 rounded-xl bg-saffron-soft px-4 py-3 text-saffron-ink"
    >
      <p>
        These orders are not counted yet, as their status is not understood. Say what each word
        means, then bring the file again.
      </p>
      <ul className="mt-1.5 flex flex-col gap-1">
        {words.map((word) => (
          <li key={word} className="flex flex-wrap items-baseline gap-x-3">
            <b>“{word}”</b> means
            {OUTCOMES.map((one) => (
              <Button
                key={one.value}
                look="link"
                aria-label={`“${word}” means ${one.text}`}
                disabled={learn.isPending}
                onClick={() =>
                  learn.mutate(
                    { word, outcome: one.value },
                    {
                      onSuccess: () => say(`“${word}” means ${one.text} from now on`),
                      onError: sayProblem,
                    },
                  )
                }
              >
                {one.text}
              </Button>
            ))}
          </li>
        ))}
      </ul>
    </section>
  );
}
