import { useState, type FormEvent } from 'react';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { QrCode } from '../../ui/qr-code';
import { useCopy } from '../../ui/copy';
import { useNotify } from '../../ui/toasts';
import { api, need, Problem, type Schemas } from '../../shared/api';
import { useAct } from './queries';
import { T, t } from '../../shared/t';

interface Props {
  has: boolean;
  left: number;
}

/** A code from an app at sign-in, and spare codes for when the app is lost. */
export function TwoStepSignIn({ has, left }: Props) {
  const [password, setPassword] = useState('');
  const [offer, setOffer] = useState<Schemas['Offer']>();
  const [codes, setCodes] = useState<string[]>();
  const { say } = useNotify();
  const begin = useAct(() => need(api.POST('/api/v1/account/second-step', { body: { password } })));
  const renew = useAct(() =>
    need(api.POST('/api/v1/account/recovery-codes', { body: { password } })),
  );
  const off = useAct(() =>
    need(api.POST('/api/v1/account/second-step/off', { body: { password } })),
  );
  const failed = [begin, renew, off].find(({ error }) => error)?.error;
  const problem = failed instanceof Problem ? failed : undefined;
  const done = () => {
    setPassword('');
    [begin, renew, off].forEach((act) => act.reset());
  };
  const start = (event: FormEvent) => {
    event.preventDefault();
    begin.mutate(undefined, {
      onSuccess: (offered) => {
        done();
        setOffer(offered);
      },
    });
  };
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
        <form onSubmit={start} noValidate className="flex flex-col gap-3">
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
            value={password}
            fault={problem ? (problem.faults[0]?.reason ?? problem.message) : undefined}
            onChange={(event) => setPassword(event.target.value)}
          />
          <p className="flex flex-wrap gap-2">
            <Button look="inside" type="submit" disabled={!password || begin.isPending}>
              {has ? t('people.twoStepSignIn.setUpAgain') : t('people.twoStepSignIn.setUp')}
            </Button>
            {has && (
              <>
                <Button
                  disabled={!password}
                  onClick={() =>
                    renew.mutate(undefined, {
                      onSuccess: (made) => {
                        done();
                        setCodes(made.codes);
                      },
                    })
                  }
                >
                  {t('people.twoStepSignIn.newRecoveryCodes')}
                </Button>
                <Button
                  look="danger"
                  disabled={!password}
                  onClick={() =>
                    off.mutate(undefined, {
                      onSuccess: () => {
                        done();
                        say(t('people.twoStepSignIn.twoStepSignInTurned'));
                      },
                    })
                  }
                >
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
  const [code, setCode] = useState('');
  const set = useAct(() =>
    need(api.PUT('/api/v1/account/second-step', { body: { offer: offer.offer, code } })),
  );
  const problem = set.error instanceof Problem ? set.error : undefined;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    set.mutate(undefined, { onSuccess: (made) => onDone(made.codes) });
  };
  return (
    <form onSubmit={submit} noValidate className="flex flex-col gap-3">
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
        value={code}
        fault={problem ? (problem.faults[0]?.reason ?? problem.message) : undefined}
        onChange={(event) => setCode(event.target.value)}
      />
      <Button
        look="inside"
        type="submit"
        className="self-start"
        disabled={!code.trim() || set.isPending}
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
