import { useEffect, useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { Outlet } from 'react-router';
import { SIGNED_OUT } from '../../shared/api';
import { useKeys } from '../../shared/keys';
import { useShopTime } from '../../shared/shop-time';
import { number } from '../../shared/words';
import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty';
import { SecondStep } from '../people/second-step';
import { AskBeforeLeaving } from './ask-before-leaving';
import { Away } from './away';
import { Door } from './door';
import { GoTo } from './go-to';
import { KeySheet } from './key-sheet';
import { leaving, useLeave, useSession, type Session } from './queries';
import { Rail } from './rail';

/** The rail and the place under it, once someone is signed in. */
export function Frame() {
  const session = useSession();
  const [known, setKnown] = useState<Session | undefined>();
  useSignedOut();
  if (session.error && !session.data) {
    return <Failure error={session.error} again={() => void session.refetch()} />;
  }
  if (!session.data) return <Loading />;
  const { state } = session.data;
  const isIn = state === 'SIGNED_IN';
  if (state === 'SECOND_STEP_DUE') return <SecondStepDue />;
  if (isIn && known !== session.data) {
    setKnown(session.data);
  }
  // a session that ends while someone works takes nothing from the screen: they sign in over it
  const shown = isIn ? session.data : leaving.isOnPurpose ? undefined : known;
  if (!shown) return <Door firstRun={state === 'FIRST_RUN'} />;
  return (
    <>
      <div className="contents" inert={!isIn}>
        <Signed session={shown} />
      </div>
      {!isIn && (
        <div
          data-over=""
          role="dialog"
          aria-modal="true"
          aria-label="Sign in again"
          className="fixed inset-0 z-50 overflow-auto bg-paper/95"
        >
          <p className="mt-16 -mb-40 text-center">
            Your session has ended. Sign in and go on: what you typed is still here.
          </p>
          <Door firstRun={false} />
        </div>
      )}
    </>
  );
}

/** The owner asks for a second step: until it is set up nothing else is open. */
function SecondStepDue() {
  const leave = useLeave();
  return (
    <main className="mx-auto flex max-w-lg flex-col gap-4 p-8">
      <h1 className="text-2xl">Set up your second step</h1>
      <p className="text-ink-2">The owner of this shop asks for one before you go on.</p>
      <SecondStep has={false} left={0} />
      <Button className="self-start" onClick={() => leave.mutate()}>
        Sign out
      </Button>
    </main>
  );
}

/** Asks who is signed in as soon as an answer says that nobody is. */
function useSignedOut() {
  const queries = useQueryClient();
  useEffect(() => {
    const ask = () => void queries.invalidateQueries({ queryKey: ['session'] });
    window.addEventListener(SIGNED_OUT, ask);
    return () => window.removeEventListener(SIGNED_OUT, ask);
  }, [queries]);
}

function Signed({ session }: { session: Session }) {
  const clock = useShopTime();
  const [over, setOver] = useOver();
  return (
    <div className="flex h-screen min-w-[1024px] flex-col">
      <Rail
        name={session.name ?? ''}
        role={session.role}
        demo={session.demo}
        onGoTo={() => setOver('go-to')}
      />
      {typeof session.megabytesLeft === 'number' && (
        <p role="note" className="bg-rust-soft px-5 py-1.5 text-rust-ink">
          The disk of this machine is nearly full: {number(session.megabytesLeft)} MB are left. Make
          room before you bring more in; all that is stored is kept.
        </p>
      )}
      <Away />
      <AskBeforeLeaving />
      <main className="flex min-h-0 flex-1 flex-col">
        {/* what is told as so long ago goes by the server's clock from the first */}
        {clock.data || clock.error ? <Outlet /> : <Loading />}
      </main>
      {over === 'go-to' && <GoTo onDone={() => setOver(undefined)} />}
      {over === 'keys' && <KeySheet onDone={() => setOver(undefined)} />}
    </div>
  );
}

/** What lies over the place: by Ctrl or Cmd and K from anywhere, by ? where nobody types. */
function useOver() {
  const [over, setOver] = useState<'go-to' | 'keys' | undefined>();
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'k') return;
      event.preventDefault();
      setOver('go-to');
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, []);
  useKeys({ '?': () => setOver('keys') });
  return [over, setOver] as const;
}
