import { Navigate } from 'react-router';
import { Failure, Loading } from '../../ui/empty';
import { isLost } from '../../shared/api';
import { useFirstSteps } from '../pages/nod-queries';

/** Where an owner begins: a new shop at its first steps, any other with the day. */
export function Start() {
  const steps = useFirstSteps();
  if (isLost(steps)) return <Failure error={steps.error} again={() => void steps.refetch()} />;
  if (!steps.data) return <Loading />;
  const isNew = steps.data.products === 0 || steps.data.publishedVersion === 0;
  return <Navigate to={isNew ? '/pages' : '/today'} replace />;
}
