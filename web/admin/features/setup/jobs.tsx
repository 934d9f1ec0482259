import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need, type Schemas } from '../../shared/api';
import { Button } from '../../ui/button';
import { useNotify } from '../../ui/toasts';
import { number, since } from '../../shared/format';
import { T, t } from '../../shared/t';

type Job = Schemas['JobView'];
type Run = Schemas['RunView'];

const KEY = ['jobs'];

/** What runs in the background: when it ran last, how long it took, and what came of it. */
export function Jobs() {
  const jobs = useQuery({
    queryKey: KEY,
    queryFn: () => need(api.GET('/api/v1/jobs')),
    refetchInterval: 30_000,
  });
  if (!jobs.data) return null;
  return (
    <section
      aria-label={t('setup.jobs.backgroundWork')}
      className="col-span-2 rounded-2xl border border-line bg-paper p-6"
    >
      <h2 className="text-xl">{t('setup.jobs.backgroundWork')}</h2>
      <table className="mt-2 w-full border-collapse text-[13.5px]">
        <thead>
          <tr className="border-b border-line-2 text-left text-[12px] text-ink-2">
            <th className="py-1 pr-3 font-medium">{t('setup.jobs.work')}</th>
            <th className="pr-3 font-medium">{t('setup.jobs.runs')}</th>
            <th className="pr-3 font-medium">{t('setup.jobs.lastRun')}</th>
            <th className="pr-3 font-medium">{t('setup.jobs.took')}</th>
            <th className="pr-3 font-medium">{t('setup.jobs.result')}</th>
            <th>
              <span className="sr-only">{t('setup.jobs.runNow')}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {jobs.data.jobs.map((job) => (
            <JobRow key={job.kind} job={job} />
          ))}
        </tbody>
      </table>
    </section>
  );
}

function JobRow({ job }: { job: Job }) {
  const queries = useQueryClient();
  const { sayProblem } = useNotify();
  const run = useMutation({
    mutationFn: () =>
      need(api.POST('/api/v1/jobs/{kind}/run', { params: { path: { kind: job.kind } } })),
    onSuccess: (data) => queries.setQueryData(KEY, data),
    onError: sayProblem,
  });
  const { last } = job;
  return (
    <tr className="border-b border-[#f1eadd] align-baseline">
      <td className="py-1.5 pr-3">
        {job.recent.length > 0 ? (
          <details>
            <summary className="cursor-pointer">{job.name}</summary>
            <Recent runs={job.recent} />
          </details>
        ) : (
          job.name
        )}
      </td>
      <td className="pr-3 whitespace-nowrap text-ink-2">{rhythm(job)}</td>
      <td className="pr-3 whitespace-nowrap text-ink-2">{when(job)}</td>
      <td className="pr-3 whitespace-nowrap text-ink-2 tabular-nums">{last && took(last)}</td>
      <td className={`pr-3 ${last?.failed ? 'text-rust-ink' : ''}`}>
        {last ? last.text : t('setup.jobs.notYet')}
      </td>
      <td className="text-right">
        {job.everySeconds !== undefined && (
          <Button
            look="link"
            aria-label={t('setup.jobs.runNowNamed', { name: job.name })}
            disabled={run.isPending}
            onClick={() => run.mutate()}
          >
            {t('setup.jobs.runNow')}
          </Button>
        )}
      </td>
    </tr>
  );
}

function Recent({ runs }: { runs: Run[] }) {
  return (
    <ul className="mt-1 mb-1.5 border-l-2 border-line pl-3 text-[13px] text-ink-2">
      {runs.map((run) => (
        <li key={run.startedAt} className={run.failed ? 'text-rust-ink' : ''}>
          <T
            id="setup.jobs.recent"
            values={{ when: since(run.startedAt), text: run.text, took: took(run) }}
          />
        </li>
      ))}
    </ul>
  );
}

function rhythm({ everySeconds }: Job): string {
  return everySeconds === undefined
    ? t('setup.jobs.whenNeeded')
    : t('setup.jobs.everyMinutes', { minutes: Math.max(1, Math.round(everySeconds / 60)) });
}

function when({ runningSince, last }: Job): string {
  if (runningSince) return t('setup.jobs.runningNow');
  return last ? since(last.startedAt) : '';
}

const took = ({ tookMillis }: Run) =>
  tookMillis < 1000
    ? t('setup.jobs.milliseconds', { number: number(tookMillis) })
    : t('setup.jobs.seconds', { number: number(Math.round(tookMillis / 100) / 10) });
