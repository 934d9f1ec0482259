import { Outlet } from 'react-router';
import { number } from '../../shared/words';
import { Failure, Loading } from '../../ui/empty';
import { Door } from './door';
import { useSession } from './queries';
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
  return (
    <div className="flex h-screen min-w-[1024px] flex-col">
      <Rail name={session.data.name ?? ''} demo={session.data.demo} />
      {typeof session.data.megabytesLeft === 'number' && (
        <p role="note" className="bg-rust-soft px-5 py-1.5 text-rust-ink">
          The disk of this machine is nearly full: {number(session.data.megabytesLeft)} MB are left.
          Make room before you bring more in; all that is stored is kept.
        </p>
      )}
      <main className="flex min-h-0 flex-1 flex-col">
        <Outlet />
      </main>
    </div>
  );
}
