import { useCallback } from 'react';
import { matchPath, useNavigate, useParams, useSearchParams } from 'react-router';
import { currentQuery, withSidePanel } from '../layout/side-panel';
import { readViewpoint, viewpointAddress, type ViewpointParts } from '../layout/viewpoint';

export type ChangeViewpoint = (changes: Partial<ViewpointParts>, replace?: boolean) => void;

/**
 * Who looks at which page when, and how to change some of it. The page is drawn a while after its
 * address has changed, so a change is made to what the address says by then, not to what is drawn.
 */
export function useViewpoint(): [ViewpointParts, ChangeViewpoint] {
  const params = useParams();
  const [query] = useSearchParams();
  const navigate = useNavigate();
  const change = useCallback<ChangeViewpoint>(
    (changes, replace = false) => {
      const view = { ...currentViewpoint(), ...changes };
      void navigate(withSidePanel(viewpointAddress(view), currentQuery()), { replace });
    },
    [navigate],
  );
  return [readViewpoint(params['kind'], params['product'], query), change];
}

function currentViewpoint(): ViewpointParts {
  const params = matchPath('/pages/:kind?/:product?', window.location.pathname)?.params;
  return readViewpoint(params?.kind, params?.product, currentQuery());
}
