import { Outlet } from 'react-router';
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
      <main className="flex min-h-0 flex-1 flex-col">
        <Outlet />
      </main>
    </div>
  );
}
