import { Navigate } from 'react-router';
import { Failure, Loading } from '../../ui/empty-state';
import { isLost } from '../../shared/api';
import { useOnboarding } from '../layout/nod-queries';

/** Where an owner begins: a new shop at its first steps, any other with the day. */
export function TodayOrPages() {
  const steps = useOnboarding();
  if (isLost(steps)) return <Failure error={steps.error} again={() => void steps.refetch()} />;
  if (!steps.data) return <Loading />;
  const isNew = steps.data.products === 0 || steps.data.publishedVersion === 0;
  return <Navigate to={isNew ? '/pages' : '/today'} replace />;
}
