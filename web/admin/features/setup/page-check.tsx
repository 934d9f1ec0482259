import { useQuery } from '@tanstack/react-query';
import { Button } from '../../ui/button';
import { Failure } from '../../ui/empty-state';
import { api, need, type Schemas, isLost } from '../../shared/api';
import { T, t } from '../../shared/t';

type Checked = Schemas['Checked'];

const KINDS = {
  PRODUCT: t('setup.pageCheck.aProductPage'),
  LISTING: t('setup.pageCheck.aCategoryPage'),
  BASKET: t('setup.pageCheck.theBasket'),
  HOME: t('setup.pageCheck.theHomePage'),
  CONFIRMATION: t('setup.pageCheck.anOrderConfirmation'),
};

/** The shop's live pages as any visitor gets them: script, marks and spots. */
export function PageCheck() {
  const check = useQuery({
    queryKey: ['page-check', 'all'],
    queryFn: () => need(api.GET('/api/v1/page/check/all')),
    enabled: false,
    retry: false,
  });
  return (
    <section className="rounded-2xl border border-line bg-paper p-6" aria-labelledby="page-check">
      <h2 id="page-check" className="mb-1 text-xl">
        {t('setup.pageCheck.checkYourLivePages')}
      </h2>
      <p className="mb-3 text-ink-2">{t('setup.pageCheck.weOpenOnePageOf')}</p>
      <Button disabled={check.isFetching} onClick={() => void check.refetch()}>
        {check.isFetching
          ? t('setup.pageCheck.checking')
          : check.data
            ? t('setup.pageCheck.checkAgain')
            : t('setup.pageCheck.checkPages')}
      </Button>
      {isLost(check) && <Failure error={check.error} again={() => void check.refetch()} />}
      <ul className="mt-3 flex flex-col gap-3">
        {check.data?.pages.map((page) => (
          <li key={page.kind} className="border-t border-line pt-2">
            <p className="flex flex-wrap items-baseline gap-x-3">
              <b>{KINDS[page.kind]}</b>
              <span className="text-[13px] text-ink-2">{page.address}</span>
              <span className="flex-1" />
              <span
                className={`rounded-full px-2.5 py-0.5 text-[12px] font-semibold ${wrongs(page).length === 0 ? 'bg-fern-soft text-fern-ink' : 'bg-rust-soft text-rust-ink'}`}
              >
                {wrongs(page).length === 0
                  ? t('setup.pageCheck.ok')
                  : t('setup.pageCheck.needsFixing')}
              </span>
            </p>
            <ul className="text-[13px]">
              {wrongs(page).map((text) => (
                <li key={text} className="text-rust-ink">
                  {text}
                </li>
              ))}
              {page.structured && (
                <li className="text-ink-2">
                  <T id="setup.pageCheck.structuredData" values={{ structured: page.structured }} />
                </li>
              )}
              {page.spots.length > 0 && (
                <li className="text-ink-2">
                  <T id="setup.pageCheck.spots" values={{ names: page.spots.join(', ') }} />
                </li>
              )}
            </ul>
          </li>
        ))}
      </ul>
    </section>
  );
}

function wrongs(page: Checked): string[] {
  if (page.failure) return [page.failure];
  return [
    ...(page.hasScript ? [] : [t('setup.pageCheck.theScriptIsNotOn')]),
    ...page.marks.map((mark) => `${mark.charAt(0).toUpperCase()}${mark.slice(1)}.`),
    ...(page.framing ? [t('setup.pageCheck.thePageDoesNotAllow', { framing: page.framing })] : []),
    ...page.pointed
      .filter((spot) => spot.matches === 0)
      .map((spot) =>
        t('setup.pageCheck.yourCustomSpotIsNo', { name: spot.name, selector: spot.selector }),
      ),
    ...page.missing
      .filter((name) => !page.pointed.some((spot) => spot.name === name))
      .map((name) => t('setup.pageCheck.thePageHasNoSpot', { name })),
  ];
}
