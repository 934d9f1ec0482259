import { useShopTime } from '../../shared/shop-time';
import { useEffect, useState } from 'react';
import { Outlet } from 'react-router';
import { useKeys } from '../../shared/keys';
import { number } from '../../shared/words';
import { Failure, Loading } from '../../ui/empty';
import { Door } from './door';
import { GoTo } from './go-to';
import { KeySheet } from './key-sheet';
import { useSession, type Session } from './queries';
import { Rail } from './rail';

/** The rail and the place under it, once someone is signed in. */
export function Frame() {
  const session = useSession();
  if (session.error) {
    return <Failure error={session.error} again={() => void session.refetch()} />;
  }
  if (!session.data) return <Loading />;
  if (session.data.state !== 'SIGNED_IN') {
    return <Door firstRun={session.data.state === 'FIRST_RUN'} />;
  }
  return <Signed session={session.data} />;
}

function Signed({ session }: { session: Session }) {
  useShopTime();
  const [over, setOver] = useOver();
  return (
    <div className="flex h-screen min-w-[1024px] flex-col">
      <Rail name={session.name ?? ''} demo={session.demo} onGoTo={() => setOver('go-to')} />
      {typeof session.megabytesLeft === 'number' && (
        <p role="note" className="bg-rust-soft px-5 py-1.5 text-rust-ink">
          The disk of this machine is nearly full: {number(session.megabytesLeft)} MB are left. Make
          room before you bring more in; all that is stored is kept.
        </p>
      )}
      <main className="flex min-h-0 flex-1 flex-col">
        <Outlet />
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
