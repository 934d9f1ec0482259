import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty-state';
import { Field } from '../../ui/field';
import { InlineSelect } from '../../ui/inline-select';
import { Stars } from '../../ui/stars';
import { useNotify } from '../../ui/toasts';
import { api, need, type Schemas, isLost } from '../../shared/api';
import { useServerForm } from '../../shared/server-form';
import { day, moment, decimal } from '../../shared/format';
import { ReviewTabs } from '../reviews/tabs';
import { useShop } from '../shop/queries';
import { T, t } from '../../shared/t';

type Listing = Schemas['BusinessProfileView'];

const KEY = ['listing'];

/** Reviews of the shop itself, from its entry in a business directory. */
export function BusinessProfilePage() {
  const found = useQuery({
    queryKey: KEY,
    queryFn: () => need(api.GET('/api/v1/business-profile')),
  });
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
      <h1 className="text-xl">{t('business-profile.businessProfilePage.reviewsAboutYourShop')}</h1>
      <p className="mt-1 text-ink-2">
        {t('business-profile.businessProfilePage.connectYourBusinessDirectoryProfile')}
      </p>
    </section>
  );
}

function Entry({ listing }: { listing: Listing }) {
  const queries = useQueryClient();
  const zone = useShop().data?.zone ?? 'UTC';
  const { say, sayProblem } = useNotify();
  const refresh = useMutation({
    mutationFn: () => need(api.POST('/api/v1/business-profile/refresh')),
    onSuccess: () => say(t('business-profile.businessProfilePage.updatedFromTheDirectory')),
    onError: sayProblem,
    onSettled: () => queries.invalidateQueries({ queryKey: KEY }),
  });
  return (
    <section className="rounded-2xl border border-line bg-paper p-6">
      <h1 className="text-xl">
        {listing.title ?? t('business-profile.businessProfilePage.reviewsAboutYourShop')}
      </h1>
      <p className="mt-1 text-ink-2">
        {listing.rating !== undefined && (
          <>
            <T
              id="business-profile.businessProfilePage.of5FromReviewsThere"
              values={{
                average: decimal(listing.rating),
                b: (chunks) => <b className="text-ink">{chunks}</b>,
                reviews: listing.reviews ?? 0,
                hasLink: listing.link ? 'yes' : 'no',
                link: (chunks) => (
                  <a
                    className="text-plum underline"
                    href={listing.link}
                    rel="noreferrer noopener"
                    target="_blank"
                  >
                    {chunks}
                  </a>
                ),
              }}
            />{' '}
          </>
        )}
        {listing.answeredAt
          ? t('business-profile.businessProfilePage.lastUpdate', {
              answeredAt: moment(listing.answeredAt, zone),
            })
          : t('business-profile.businessProfilePage.noDataYet')}{' '}
        {listing.hidden > 0 &&
          t('business-profile.businessProfilePage.reviewsWithFewerThanStars', {
            hidden: listing.hidden,
            leastStars: listing.minStars,
          })}
      </p>
      {listing.failure && (
        <p role="alert" className="mt-3 rounded-lg bg-rust-soft px-3 py-2 text-rust-ink">
          <T
            id="business-profile.businessProfilePage.thePreviousDataStays"
            values={{ failure: listing.failure }}
          />
        </p>
      )}
      <ul className="mt-3">
        {listing.items.map((item, index) => (
          <li key={index} className="border-t border-line py-3">
            <p className="flex items-center gap-2 text-[13px] text-ink-2">
              <Stars value={item.stars} size={14} />
              <b className="text-ink">
                {item.reviewer ?? t('business-profile.businessProfilePage.anonymous')}
              </b>
              {item.reviewedOn && day(item.reviewedOn)}
            </p>
            <p lang={item.language} className="mt-0.5">
              {item.text ?? (
                <span className="text-ink-2">
                  {t('business-profile.businessProfilePage.noText')}
                </span>
              )}
            </p>
          </li>
        ))}
        {listing.items.length === 0 && (
          <li className="border-t border-line py-3 text-ink-2">
            {t('business-profile.businessProfilePage.noReviewsToShow')}
          </li>
        )}
      </ul>
      <Button className="mt-2" disabled={refresh.isPending} onClick={() => refresh.mutate()}>
        {refresh.isPending
          ? t('business-profile.businessProfilePage.updating')
          : t('business-profile.businessProfilePage.updateNow')}
      </Button>
    </section>
  );
}

interface Wanted {
  service: string;
  place: string;
  key: string;
  leastStars: number;
  everyHours: number;
}

function Connection({ listing }: { listing: Listing | undefined }) {
  const queries = useQueryClient();
  const { say, sayProblem } = useNotify();
  const { field, pick, problem, onSubmit, refuse } = useServerForm<Wanted>({
    service: listing?.service ?? '',
    place: listing?.profileId ?? '',
    key: '',
    leastStars: listing?.minStars ?? 1,
    everyHours: listing?.everyHours ?? 24,
  });
  const after = () => queries.invalidateQueries({ queryKey: KEY });
  const connect = useMutation({
    mutationFn: (body: Wanted) => need(api.PUT('/api/v1/business-profile', { body })),
    onError: refuse,
    onSuccess: () => say(t('business-profile.businessProfilePage.directoryConnected')),
    onSettled: after,
  });
  const disconnect = useMutation({
    mutationFn: () => need(api.DELETE('/api/v1/business-profile')),
    onSuccess: () =>
      say(t('business-profile.businessProfilePage.directoryDisconnectedItsReviewsRemoved')),
    onError: sayProblem,
    onSettled: after,
  });
  const submit = onSubmit((wanted) => connect.mutate(wanted));
  return (
    <form
      onSubmit={(event) => void submit(event)}
      noValidate
      className="flex flex-col gap-3 rounded-2xl border border-line bg-paper p-6"
    >
      <h2 className="text-lg">{t('business-profile.businessProfilePage.businessDirectory')}</h2>
      <Field
        label={t('business-profile.businessProfilePage.serviceAddress')}
        inputMode="url"
        {...field('service')}
      />
      <Field label={t('business-profile.businessProfilePage.profileId')} {...field('place')} />
      <Field
        label={t('business-profile.businessProfilePage.yourKey')}
        type="password"
        autoComplete="off"
        note={
          listing
            ? t('business-profile.businessProfilePage.leaveEmptyToKeepThe')
            : t('business-profile.businessProfilePage.youGetItFromThe')
        }
        {...field('key')}
      />
      <Wishes stars={pick('leastStars')} hours={pick('everyHours')} />
      {problem && (
        <p role="alert" className="rounded-lg bg-rust-soft px-3 py-2 text-rust-ink">
          {problem}
        </p>
      )}
      <p className="flex gap-3">
        <Button look="inside" type="submit" disabled={connect.isPending}>
          {listing
            ? t('business-profile.businessProfilePage.save')
            : t('business-profile.businessProfilePage.connect')}
        </Button>
        {listing && (
          <Button disabled={disconnect.isPending} onClick={() => disconnect.mutate()}>
            {t('business-profile.businessProfilePage.disconnect')}
          </Button>
        )}
      </p>
    </form>
  );
}

interface Picked {
  value: number;
  onPick: (value: number) => void;
}

/** Which of its reviews are shown, and how often it is asked. */
function Wishes({ stars, hours }: { stars: Picked; hours: Picked }) {
  return (
    <p className="text-[15px] leading-8 text-ink-2">
      <T
        id="business-profile.businessProfilePage.showReviewsWithUpdate"
        values={{
          stars: (
            <InlineSelect
              label={t('business-profile.businessProfilePage.minimumStars')}
              value={String(stars.value)}
              choices={[1, 2, 3, 4, 5].map((n) => ({
                value: String(n),
                text:
                  n === 1
                    ? t('business-profile.businessProfilePage.anyRating')
                    : n === 5
                      ? t('business-profile.businessProfilePage.5Stars')
                      : t('business-profile.businessProfilePage.starsOrMore', { n }),
              }))}
              onPick={(least) => stars.onPick(Number(least))}
            />
          ),
          interval: (
            <InlineSelect
              label={t('business-profile.businessProfilePage.updateInterval')}
              value={String(hours.value)}
              choices={[
                { value: '6', text: t('business-profile.businessProfilePage.every6Hours') },
                { value: '24', text: t('business-profile.businessProfilePage.everyDay') },
                { value: '168', text: t('business-profile.businessProfilePage.everyWeek') },
              ]}
              onPick={(every) => hours.onPick(Number(every))}
            />
          ),
        }}
      />
    </p>
  );
}
