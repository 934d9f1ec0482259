import { useEffect, useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { Outlet } from 'react-router';
import { SIGNED_OUT } from '../../shared/api';
import { useKeys } from '../../shared/keys';
import { useShopTime } from '../../shared/shop-time';

import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty-state';
import { TwoStepSignIn } from '../people/two-step-sign-in';
import { AskBeforeLeaving } from './ask-before-leaving';
import { OfflineBar } from './offline-bar';
import { SignIn } from './sign-in';
import { CommandPalette } from './command-palette';
import { KeyboardShortcuts } from './keyboard-shortcuts';
import { leaving, useLeave, useSession, type Session } from './queries';
import { Navigation } from './navigation';
import { T, t } from '../../shared/t';

/** The rail and the place under it, once someone is signed in. */
export function AppShell() {
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
  if (!shown) return <SignIn firstRun={state === 'FIRST_RUN'} />;
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
          aria-label={t('session.appShell.signInAgain')}
          className="fixed inset-0 z-50 overflow-auto bg-paper/95"
        >
          <p className="mt-16 -mb-40 text-center">{t('session.appShell.youWereSignedOutSign')}</p>
          <SignIn firstRun={false} />
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
      <h1 className="text-2xl">{t('session.appShell.setUpTwoStepSign')}</h1>
      <p className="text-ink-2">{t('session.appShell.theOwnerOfThisShop')}</p>
      <TwoStepSignIn has={false} left={0} />
      <Button className="self-start" onClick={() => leave.mutate()}>
        {t('session.appShell.signOut')}
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
      <Navigation
        name={session.name ?? ''}
        role={session.role}
        demo={session.demo}
        onGoTo={() => setOver('go-to')}
      />
      {typeof session.megabytesLeft === 'number' && (
        <p role="note" className="bg-rust-soft px-5 py-1.5 text-rust-ink">
          <T
            id="session.appShell.almostOutOfDiskSpace"
            values={{ megabytesLeft: session.megabytesLeft }}
          />
        </p>
      )}
      {session.role === 'READER' && (
        <p role="note" className="bg-paper-2 px-5 py-1.5 text-ink-2">
          {t('session.appShell.youCanViewEverythingBut')}
        </p>
      )}
      <OfflineBar />
      <AskBeforeLeaving />
      <main className="flex min-h-0 flex-1 flex-col">
        {/* what is told as so long ago goes by the server's clock from the first */}
        {clock.data || clock.error ? <Outlet /> : <Loading />}
      </main>
      {over === 'go-to' && <CommandPalette onDone={() => setOver(undefined)} />}
      {over === 'keys' && <KeyboardShortcuts onDone={() => setOver(undefined)} />}
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
