import { useState, type FormEvent } from 'react';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { QrCode } from '../../ui/qr-code';
import { useCopy } from '../../ui/copy';
import { useSay } from '../../ui/toasts';
import { api, need, Problem, type Schemas } from '../../shared/api';
import { useAct } from './queries';

interface Props {
  has: boolean;
  left: number;
}

/** A code from an app at sign-in, and spare codes for when the app is lost. */
export function SecondStep({ has, left }: Props) {
  const [password, setPassword] = useState('');
  const [offer, setOffer] = useState<Schemas['Offer']>();
  const [codes, setCodes] = useState<string[]>();
  const { say } = useSay();
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
      aria-label="Second step"
      className="flex flex-col gap-3 rounded-2xl border border-line bg-paper px-6 py-5"
    >
      <h2 className="text-lg">Second step</h2>
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
              ? `At sign-in you give a code from your app. ${left} of 10 spare codes are left.`
              : 'With a code from an app on your phone, a password alone opens nothing.'}
          </p>
          <Field
            label="Your password"
            type="password"
            autoComplete="current-password"
            note="Asked again, since someone else may sit at an open page."
            value={password}
            fault={problem ? (problem.faults[0]?.reason ?? problem.message) : undefined}
            onChange={(event) => setPassword(event.target.value)}
          />
          <p className="flex flex-wrap gap-2">
            <Button look="inside" type="submit" disabled={!password || begin.isPending}>
              {has ? 'Set it up anew' : 'Set it up'}
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
                  New spare codes
                </Button>
                <Button
                  look="danger"
                  disabled={!password}
                  onClick={() =>
                    off.mutate(undefined, {
                      onSuccess: () => {
                        done();
                        say('The second step is taken away');
                      },
                    })
                  }
                >
                  Take it away
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
      <p>
        Read this with an app for codes, or type the secret into it. Then give the code it shows.
      </p>
      <QrCode text={offer.address} label="QR code of the secret" className="w-48 self-start" />
      <p className="text-[13px] text-ink-2">
        Secret: <code className="break-all">{offer.secret.replace(/(.{4})(?=.)/g, '$1 ')}</code>
      </p>
      <Field
        label="Code from the app"
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
        That is it
      </Button>
    </form>
  );
}

function Codes({ codes, onDone }: { codes: string[]; onDone: () => void }) {
  const copy = useCopy();
  return (
    <div className="flex flex-col gap-3">
      <p>
        Keep these spare codes somewhere else than your phone. Each works once in place of the app’s
        code; they are not shown again.
      </p>
      <ul
        aria-label="Spare codes"
        className="grid grid-cols-2 gap-1 rounded-lg bg-paper-2 p-3 font-mono"
      >
        {codes.map((code) => (
          <li key={code}>{code}</li>
        ))}
      </ul>
      <p className="flex gap-2">
        <Button onClick={() => copy(codes.join('\n'))}>Copy them</Button>
        <Button look="inside" onClick={onDone}>
          I have kept them
        </Button>
      </p>
    </div>
  );
}
