import { Failure, Loading } from '../../ui/empty';
import { Button } from '../../ui/button';
import { useSay } from '../../ui/toasts';
import { api, isLost, need } from '../../shared/api';
import { DeviceList } from './devices';
import { PasswordForm } from './password-form';
import { useAccount, useAct } from './queries';
import { SecondStep } from './second-step';

/** The own account: password, second step, and where one is signed in. */
export function AccountPage() {
  const account = useAccount();
  const { say, sayProblem } = useSay();
  const end = useAct((id: number) =>
    need(api.DELETE('/api/v1/account/sign-ins/{id}', { params: { path: { id } } })),
  );
  const endOthers = useAct(() => need(api.POST('/api/v1/account/sign-ins/end-others')));
  if (isLost(account))
    return <Failure error={account.error} again={() => void account.refetch()} />;
  if (!account.data) return <Loading />;
  const { name, email, signIns } = account.data;
  return (
    <div className="grid min-h-0 flex-1 grid-cols-2 content-start items-start gap-4 overflow-auto p-5">
      <h1 className="col-span-2 text-xl">
        {name} <span className="font-text text-[14px] font-normal text-ink-2">{email}</span>
      </h1>
      <div className="flex flex-col gap-4">
        <PasswordForm />
        <section aria-label="Devices" className="rounded-2xl border border-line bg-paper px-6 py-5">
          <h2 className="mb-1 text-lg">You are signed in on</h2>
          <DeviceList
            devices={signIns}
            onEnd={(id) =>
              end.mutate(id, { onSuccess: () => say('Signed out there'), onError: sayProblem })
            }
          />
          {signIns.length > 1 && (
            <Button
              className="mt-2"
              onClick={() =>
                endOthers.mutate(undefined, {
                  onSuccess: () => say('All other devices are signed out'),
                  onError: sayProblem,
                })
              }
            >
              End all others
            </Button>
          )}
        </section>
      </div>
      <SecondStep has={account.data.hasSecondStep} left={account.data.codesLeft} />
    </div>
  );
}
