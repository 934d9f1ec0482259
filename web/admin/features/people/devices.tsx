import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty';
import { useSay } from '../../ui/toasts';
import { api, need } from '../../shared/api';
import { since } from '../../shared/words';
import { Drop } from './drop';
import { useAct, useDevices, type Device, type PersonLine } from './queries';

/** Where the chosen person is signed in. */
export function Devices({ person }: { person: PersonLine }) {
  const devices = useDevices(person.id);
  const { say, sayProblem } = useSay();
  const end = useAct((signIn: number) =>
    need(
      api.DELETE('/api/v1/people/{id}/sign-ins/{signIn}', {
        params: { path: { id: person.id, signIn } },
      }),
    ),
  );
  return (
    <section
      aria-label={`Devices of ${person.name}`}
      className="rounded-2xl border border-line bg-paper px-5 py-4"
    >
      <h2 className="mb-1 text-lg">{person.name} is signed in on</h2>
      {devices.error ? (
        <Failure error={devices.error} again={() => void devices.refetch()} />
      ) : !devices.data ? (
        <Loading lines={2} />
      ) : (
        <DeviceList
          devices={devices.data.items}
          onEnd={(id) =>
            end.mutate(id, { onSuccess: () => say('Signed out there'), onError: sayProblem })
          }
        />
      )}
    </section>
  );
}

/** Devices, each with its end. */
export function DeviceList({ devices, onEnd }: { devices: Device[]; onEnd: (id: number) => void }) {
  if (devices.length === 0) return <p className="text-ink-2">No device.</p>;
  return (
    <ul>
      {devices.map((device) => (
        <li
          key={device.id}
          className="flex items-center gap-3 border-t border-line/70 py-2 first:border-0"
        >
          <Drop is={device.isThis ? 'yes' : 'later'} later="another device" />
          <span className="min-w-0 flex-1">
            <b className="block truncate">{device.device}</b>
            <span className="text-[13px] text-ink-2">
              {device.isThis ? 'this one, now' : `used ${since(device.seenAt)}`}; since{' '}
              {since(device.since)}
            </span>
          </span>
          {!device.isThis && (
            <Button look="link" onClick={() => onEnd(device.id)}>
              End<span className="sr-only"> {device.device}</span>
            </Button>
          )}
        </li>
      ))}
    </ul>
  );
}
