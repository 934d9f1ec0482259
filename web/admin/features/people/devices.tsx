import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty-state';
import { useNotify } from '../../ui/toasts';
import { api, need } from '../../shared/api';
import { since } from '../../shared/format';
import { PermissionMark } from './permission-mark';
import { useAct, useDevices, type Device, type PersonLine } from './queries';
import { T, t } from '../../shared/t';

/** Where the chosen person is signed in. */
export function Devices({ person }: { person: PersonLine }) {
  const devices = useDevices(person.id);
  const { say, sayProblem } = useNotify();
  const end = useAct((signIn: number) =>
    need(
      api.DELETE('/api/v1/people/{id}/sign-ins/{signIn}', {
        params: { path: { id: person.id, signIn } },
      }),
    ),
  );
  return (
    <section
      aria-label={t('people.devices.devicesOf', { name: person.name })}
      className="rounded-2xl border border-line bg-paper px-5 py-4"
    >
      <h2 className="mb-1 text-lg">
        <T id="people.devices.isSignedInOn" values={{ name: person.name }} />
      </h2>
      {devices.error ? (
        <Failure error={devices.error} again={() => void devices.refetch()} />
      ) : !devices.data ? (
        <Loading lines={2} />
      ) : (
        <DeviceList
          devices={devices.data.items}
          onEnd={(id) =>
            end.mutate(id, {
              onSuccess: () => say(t('people.devices.deviceSignedOut')),
              onError: sayProblem,
            })
          }
        />
      )}
    </section>
  );
}

/** Devices, each with its end. */
export function DeviceList({ devices, onEnd }: { devices: Device[]; onEnd: (id: number) => void }) {
  if (devices.length === 0) return <p className="text-ink-2">{t('people.devices.noDevices')}</p>;
  return (
    <ul>
      {devices.map((device) => (
        <li
          key={device.id}
          className="flex items-center gap-3 border-t border-line/70 py-2 first:border-0"
        >
          <PermissionMark
            is={device.isThis ? 'yes' : 'later'}
            later={t('people.devices.anotherDevice')}
          />
          <span className="min-w-0 flex-1">
            <b className="block truncate">{device.device}</b>
            <span className="text-[13px] text-ink-2">
              <T
                id="people.devices.since"
                values={{
                  isThis: device.isThis
                    ? t('people.devices.thisDevice')
                    : t('people.devices.lastUsed', { seenAt: since(device.seenAt) }),
                  since: since(device.since),
                }}
              />
            </span>
          </span>
          {!device.isThis && (
            <Button look="link" onClick={() => onEnd(device.id)}>
              <T
                id="people.devices.signOut"
                values={{ span: <span className="sr-only"> {device.device}</span> }}
              />
            </Button>
          )}
        </li>
      ))}
    </ul>
  );
}
