import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { QueryCache, QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { RouterProvider } from 'react-router';
import { router } from './routes';
import { mayComeBack, Problem } from './shared/api';
import { CLOCK } from './shared/shop-time';
import { Toasts } from './ui/toasts';

const queries: QueryClient = new QueryClient({
  queryCache: new QueryCache({
    onError: (error, query) => {
      // a session that ended shows the door again
      if (error instanceof Problem && error.status === 401) {
        void queries.invalidateQueries({ queryKey: ['session'] });
      } else if (mayComeBack(error) && query.queryKey[0] !== CLOCK) {
        void queries.invalidateQueries({ queryKey: [CLOCK] });
      }
    },
  }),
  defaultOptions: { queries: { staleTime: 5_000, retry: 1 } },
});

/** Draws the back office, once its messages are there. */
export function start(root: HTMLElement): void {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <Toasts>
          <RouterProvider router={router} />
        </Toasts>
      </QueryClientProvider>
    </StrictMode>,
  );
}
