import { Failure, Loading } from '../../ui/empty-state';
import { Button } from '../../ui/button';
import { useNotify } from '../../ui/toasts';
import { api, isLost, need } from '../../shared/api';
import { DeviceList } from './devices';
import { LanguagePick } from './language-pick';
import { PasswordForm } from './password-form';
import { useAccount, useAct } from './queries';
import { TwoStepSignIn } from './two-step-sign-in';
import { t } from '../../shared/t';

/** The own account: password, second step, and where one is signed in. */
export function AccountPage() {
  const account = useAccount();
  const { say, sayProblem } = useNotify();
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
      <div className="col-span-2">
        <LanguagePick isKept />
      </div>
      <div className="flex flex-col gap-4">
        <PasswordForm />
        <section
          aria-label={t('people.accountPage.devices')}
          className="rounded-2xl border border-line bg-paper px-6 py-5"
        >
          <h2 className="mb-1 text-lg">{t('people.accountPage.youAreSignedInOn')}</h2>
          <DeviceList
            devices={signIns}
            onEnd={(id) =>
              end.mutate(id, {
                onSuccess: () => say(t('people.accountPage.deviceSignedOut')),
                onError: sayProblem,
              })
            }
          />
          {signIns.length > 1 && (
            <Button
              className="mt-2"
              onClick={() =>
                endOthers.mutate(undefined, {
                  onSuccess: () => say(t('people.accountPage.allOtherDevicesSignedOut')),
                  onError: sayProblem,
                })
              }
            >
              {t('people.accountPage.signOutAllOtherDevices')}
            </Button>
          )}
        </section>
      </div>
      <TwoStepSignIn has={account.data.hasSecondStep} left={account.data.codesLeft} />
    </div>
  );
}
