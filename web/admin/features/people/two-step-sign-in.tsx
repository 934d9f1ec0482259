import { useState } from 'react';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { QrCode } from '../../ui/qr-code';
import { useCopy } from '../../ui/copy';
import { useNotify } from '../../ui/toasts';
import { api, need, type Schemas } from '../../shared/api';
import { useServerForm } from '../../shared/server-form';
import { useAct } from './queries';
import { T, t } from '../../shared/t';

interface Props {
  has: boolean;
  left: number;
}

/** A code from an app at sign-in, and spare codes for when the app is lost. */
export function TwoStepSignIn({ has, left }: Props) {
  const [offer, setOffer] = useState<Schemas['Offer']>();
  const [codes, setCodes] = useState<string[]>();
  const { form, field, problem, onSubmit, refuse } = useServerForm({ password: '' });
  const { say } = useNotify();
  const begin = useAct((password: string) =>
    need(api.POST('/api/v1/account/second-step', { body: { password } })),
  );
  const renew = useAct((password: string) =>
    need(api.POST('/api/v1/account/recovery-codes', { body: { password } })),
  );
  const off = useAct((password: string) =>
    need(api.POST('/api/v1/account/second-step/off', { body: { password } })),
  );
  const start = onSubmit(({ password }) =>
    begin.mutate(password, {
      onSuccess: (offered) => {
        form.reset();
        setOffer(offered);
      },
      onError: refuse,
    }),
  );
  const renewCodes = onSubmit(({ password }) =>
    renew.mutate(password, {
      onSuccess: (made) => {
        form.reset();
        setCodes(made.codes);
      },
      onError: refuse,
    }),
  );
  const turnOff = onSubmit(({ password }) =>
    off.mutate(password, {
      onSuccess: () => {
        form.reset();
        say(t('people.twoStepSignIn.twoStepSignInTurned'));
      },
      onError: refuse,
    }),
  );
  const isFilled = form.getValues('password') !== '';
  const { fault = problem, ...password } = field('password');
  return (
    <section
      aria-label={t('people.twoStepSignIn.twoStepSignIn')}
      className="flex flex-col gap-3 rounded-2xl border border-line bg-paper px-6 py-5"
    >
      <h2 className="text-lg">{t('people.twoStepSignIn.twoStepSignIn')}</h2>
      {codes ? (
        <Codes codes={codes} onDone={() => setCodes(undefined)} />
      ) : offer ? (
        <SetUp
          offer={offer}
          onDone={(made) => {
            setOffer(undefined);
            setCodes(made);
          }}
        />
      ) : (
        <form onSubmit={(event) => void start(event)} noValidate className="flex flex-col gap-3">
          <p className="text-ink-2">
            {has
              ? t('people.twoStepSignIn.youSignInWithA', { left })
              : t('people.twoStepSignIn.withACodeFromAn')}
          </p>
          <Field
            label={t('people.twoStepSignIn.yourPassword')}
            type="password"
            autoComplete="current-password"
            note={t('people.twoStepSignIn.askedAgainInCaseSomeone')}
            {...password}
            fault={fault}
          />
          <p className="flex flex-wrap gap-2">
            <Button look="inside" type="submit" disabled={!isFilled || begin.isPending}>
              {has ? t('people.twoStepSignIn.setUpAgain') : t('people.twoStepSignIn.setUp')}
            </Button>
            {has && (
              <>
                <Button disabled={!isFilled} onClick={() => void renewCodes()}>
                  {t('people.twoStepSignIn.newRecoveryCodes')}
                </Button>
                <Button look="danger" disabled={!isFilled} onClick={() => void turnOff()}>
                  {t('people.twoStepSignIn.turnOff')}
                </Button>
              </>
            )}
          </p>
        </form>
      )}
    </section>
  );
}

function SetUp({ offer, onDone }: { offer: Schemas['Offer']; onDone: (codes: string[]) => void }) {
  const { form, field, problem, onSubmit, refuse } = useServerForm({ code: '' });
  const set = useAct((code: string) =>
    need(api.PUT('/api/v1/account/second-step', { body: { offer: offer.offer, code } })),
  );
  const submit = onSubmit(({ code }) =>
    set.mutate(code, { onSuccess: (made) => onDone(made.codes), onError: refuse }),
  );
  const { fault = problem, ...code } = field('code');
  return (
    <form onSubmit={(event) => void submit(event)} noValidate className="flex flex-col gap-3">
      <p>{t('people.twoStepSignIn.scanThisWithAnAuthenticator')}</p>
      <QrCode
        text={offer.address}
        label={t('people.twoStepSignIn.qrCodeOfTheSecret')}
        className="w-48 self-start"
      />
      <p className="text-[13px] text-ink-2">
        <T
          id="people.twoStepSignIn.secret"
          values={{
            code: <code className="break-all">{offer.secret.replace(/(.{4})(?=.)/g, '$1 ')}</code>,
          }}
        />
      </p>
      <Field
        label={t('people.twoStepSignIn.codeFromTheApp')}
        inputMode="numeric"
        autoComplete="one-time-code"
        maxLength={12}
        {...code}
        fault={fault}
      />
      <Button
        look="inside"
        type="submit"
        className="self-start"
        disabled={!form.getValues('code').trim() || set.isPending}
      >
        {t('people.twoStepSignIn.confirm')}
      </Button>
    </form>
  );
}

function Codes({ codes, onDone }: { codes: string[]; onDone: () => void }) {
  const copy = useCopy();
  return (
    <div className="flex flex-col gap-3">
      <p>{t('people.twoStepSignIn.storeTheseRecoveryCodesSomewhere')}</p>
      <ul
        aria-label={t('people.twoStepSignIn.recoveryCodes')}
        className="grid grid-cols-2 gap-1 rounded-lg bg-paper-2 p-3 font-mono"
      >
        {codes.map((code) => (
          <li key={code}>{code}</li>
        ))}
      </ul>
      <p className="flex gap-2">
        <Button onClick={() => copy(codes.join('\n'))}>
          {t('people.twoStepSignIn.copyCodes')}
        </Button>
        <Button look="inside" onClick={onDone}>
          {t('people.twoStepSignIn.iHaveStoredThem')}
        </Button>
      </p>
    </div>
  );
}
