import { useState, type FormEvent } from 'react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty';
import { Field } from '../../ui/field';
import { Pick } from '../../ui/pick';
import { Stars } from '../../ui/stars';
import { useSay } from '../../ui/toasts';
import { api, need, Problem, type Schemas, isLost } from '../../shared/api';
import { count, day, moment } from '../../shared/words';
import { ReviewTabs } from '../reviews/tabs';
import { useShop } from '../setup/queries';

type Listing = Schemas['ListingView'];

const KEY = ['listing'];

/** Reviews of the shop itself, from its entry in a business directory. */
export function ListingPage() {
  const found = useQuery({ queryKey: KEY, queryFn: () => need(api.GET('/api/v1/listing')) });
  const listing = found.data?.listing;
  return (
    <>
      <ReviewTabs />
      <div className="min-h-0 flex-1 overflow-auto p-5">
        {isLost(found) && <Failure error={found.error} again={() => void found.refetch()} />}
        {!found.data && !found.error && <Loading />}
        {found.data && (
          <div className="grid grid-cols-[minmax(0,1.3fr)_minmax(0,1fr)] items-start gap-5 max-lg:grid-cols-1">
            {listing ? <Entry listing={listing} /> : <None />}
            <Connection key={listing?.service ?? ''} listing={listing} />
          </div>
        )}
      </div>
    </>
  );
}

function None() {
  return (
    <section className="rounded-2xl border border-line bg-paper p-6">
      <h1 className="text-xl">Reviews of the shop itself</h1>
      <p className="mt-1 text-ink-2">
        Connect your entry in a business directory, and up to five of its reviews are kept here,
        apart from those of products.
      </p>
    </section>
  );
}

function Entry({ listing }: { listing: Listing }) {
  const queries = useQueryClient();
  const zone = useShop().data?.zone ?? 'UTC';
  const { say, sayProblem } = useSay();
  const refresh = useMutation({
    mutationFn: () => need(api.POST('/api/v1/listing/refresh')),
    onSuccess: () => say('Asked; this is what it says now'),
    onError: sayProblem,
    onSettled: () => queries.invalidateQueries({ queryKey: KEY }),
  });
  return (
    <section className="rounded-2xl border border-line bg-paper p-6">
      <h1 className="text-xl">{listing.title ?? 'Reviews of the shop itself'}</h1>
      <p className="mt-1 text-ink-2">
        {listing.rating !== undefined && (
          <>
            <b className="text-ink">{listing.rating.toFixed(1)} of 5</b> from{' '}
            {count(listing.reviews ?? 0, 'review')} there
            {listing.link && (
              <>
                {', '}
                <a
                  className="text-plum underline"
                  href={listing.link}
                  rel="noreferrer noopener"
                  target="_blank"
                >
                  read all of them
                </a>
              </>
            )}
            .{' '}
          </>
        )}
        {listing.answeredAt
          ? `As it was on ${moment(listing.answeredAt, zone)}.`
          : 'It has not answered yet.'}{' '}
        {listing.hidden > 0 &&
          `${count(listing.hidden, 'review')} of fewer than ${listing.leastStars} stars ${listing.hidden === 1 ? 'is' : 'are'} not shown, as you chose; the mean counts all.`}
      </p>
      {listing.failure && (
        <p role="alert" className="mt-3 rounded-lg bg-rust-soft px-3 py-2 text-rust-ink">
          {listing.failure} What came before stays as it is.
        </p>
      )}
      <ul className="mt-3">
        {listing.items.map((item, index) => (
          <li key={index} className="border-t border-line py-3">
            <p className="flex items-center gap-2 text-[13px] text-ink-2">
              <Stars value={item.stars} size={14} />
              <b className="text-ink">{item.reviewer ?? 'someone'}</b>
              {item.writtenOn && day(item.writtenOn)}
            </p>
            <p lang={item.language} className="mt-0.5">
              {item.words ?? <span className="text-ink-2">no words</span>}
            </p>
          </li>
        ))}
        {listing.items.length === 0 && (
          <li className="border-t border-line py-3 text-ink-2">No review to show.</li>
        )}
      </ul>
      <Button className="mt-2" disabled={refresh.isPending} onClick={() => refresh.mutate()}>
        {refresh.isPending ? 'Asking …' : 'Ask it now'}
      </Button>
    </section>
  );
}

function Connection({ listing }: { listing: Listing | undefined }) {
  const queries = useQueryClient();
  const { say, sayProblem } = useSay();
  const [given, setGiven] = useState({
    service: listing?.service ?? '',
    place: listing?.place ?? '',
    key: '',
    leastStars: listing?.leastStars ?? 1,
    everyHours: listing?.everyHours ?? 24,
  });
  const after = () => queries.invalidateQueries({ queryKey: KEY });
  const connect = useMutation({
    mutationFn: () => need(api.PUT('/api/v1/listing', { body: given })),
    onSuccess: () => say('The directory is connected'),
    onSettled: after,
  });
  const disconnect = useMutation({
    mutationFn: () => need(api.DELETE('/api/v1/listing')),
    onSuccess: () => say('The directory is removed, with its reviews'),
    onError: sayProblem,
    onSettled: after,
  });
  const problem = connect.error instanceof Problem ? connect.error : undefined;
  const field = (name: 'service' | 'place' | 'key') => ({
    value: given[name],
    fault: problem?.faults.find((one) => one.field === name)?.reason,
    onChange: (event: { target: { value: string } }) =>
      setGiven({ ...given, [name]: event.target.value }),
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    connect.mutate();
  };
  return (
    <form
      onSubmit={submit}
      noValidate
      className="flex flex-col gap-3 rounded-2xl border border-line bg-paper p-6"
    >
      <h2 className="text-lg">The directory</h2>
      <Field label="Address of its service" inputMode="url" {...field('service')} />
      <Field label="Id of your place" {...field('place')} />
      <Field
        label="Your key"
        type="password"
        autoComplete="off"
        note={
          listing ? 'Leave it empty to keep the one you gave.' : 'The directory gives it to you.'
        }
        {...field('key')}
      />
      <Wishes given={given} onSet={(wishes) => setGiven({ ...given, ...wishes })} />
      {problem && (
        <p role="alert" className="rounded-lg bg-rust-soft px-3 py-2 text-rust-ink">
          {problem.message}
        </p>
      )}
      <p className="flex gap-3">
        <Button look="inside" type="submit" disabled={connect.isPending}>
          {listing ? 'Save' : 'Connect'}
        </Button>
        {listing && (
          <Button disabled={disconnect.isPending} onClick={() => disconnect.mutate()}>
            Remove it
          </Button>
        )}
      </p>
    </form>
  );
}

interface WishesValues {
  leastStars: number;
  everyHours: number;
}

interface WishesProps {
  given: WishesValues;
  onSet: (wishes: Partial<WishesValues>) => void;
}

/** Which of its reviews are shown, and how often it is asked. */
function Wishes({ given, onSet }: WishesProps) {
  return (
    <p className="text-[15px] leading-8 text-ink-2">
      Show reviews of{' '}
      <Pick
        label="Least stars"
        value={String(given.leastStars)}
        choices={[1, 2, 3, 4, 5].map((n) => ({
          value: String(n),
          text: n === 1 ? 'any rating' : n === 5 ? '5 stars' : `${n} stars or more`,
        }))}
        onPick={(least) => onSet({ leastStars: Number(least) })}
      />
      , and ask{' '}
      <Pick
        label="How often"
        value={String(given.everyHours)}
        choices={[
          { value: '6', text: 'every 6 hours' },
          { value: '24', text: 'every day' },
          { value: '168', text: 'every week' },
        ]}
        onPick={(hours) => onSet({ everyHours: Number(hours) })}
      />
      .
    </p>
  );
}
