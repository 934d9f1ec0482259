import { network } from './network';
import type { ReactNode } from 'react';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, fireEvent, render, screen, within } from '@testing-library/react';
import { MemoryRouter, useLocation } from 'react-router';
import { Toasts } from '../admin/ui/toasts';

interface Asked {
  method: string;
  path: string;
  body: unknown;
}
type Answer = Record<string, unknown> | Response | ((asked: Asked) => object);

/** An answer that is a refusal, as the server writes one (RFC 9457). */
export const refusal = (status: number, detail: string, faults: object[] = []) =>
  new Response(JSON.stringify({ detail, faults }), {
    status,
    headers: { 'Content-Type': 'application/problem+json' },
  });

/**
 * A server that answers what a test says, by method and path; what it was sent is kept. Anything
 * else is not there.
 */
export function office(answers: Record<string, Answer>) {
  const asked: Asked[] = [];
  network.answer = async (request, given) => {
    const sent: Asked = {
      method: request.method,
      path: new URL(request.url).pathname + new URL(request.url).search,
      body: given ?? (await request.json().catch(() => undefined)),
    };
    asked.push(sent);
    const [bare] = sent.path.split('?');
    const known = answers[`${sent.method} ${sent.path}`] ?? answers[`${sent.method} ${bare ?? ''}`];
    const made: unknown = typeof known === 'function' ? known(sent) : known;
    if (made instanceof Response) return made;
    return made
      ? new Response(JSON.stringify(made), { headers: { 'Content-Type': 'application/json' } })
      : refusal(404, `Nothing is at ${sent.path}.`);
  };
  return {
    /** what was sent to change something, in its order */
    changes: () => asked.filter(({ method }) => method !== 'GET'),
  };
}

function Where() {
  const { pathname } = useLocation();
  return <output data-testid="where">{pathname}</output>;
}

/** Draws a part of the back office with all that stands around it. */
export function draw(part: ReactNode) {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const drawn = render(
    <QueryClientProvider client={queries}>
      <Toasts>
        <MemoryRouter>
          {part}
          <Where />
        </MemoryRouter>
      </Toasts>
    </QueryClientProvider>,
  );
  /** Asks the server anew for all that is on the screen, as a window does that is come back to. */
  const refetch = () => act(() => queries.refetchQueries());
  return { ...drawn, refetch };
}

export const where = () => screen.getByTestId('where').textContent;
export const field = (name: string | RegExp) => screen.getByLabelText<HTMLInputElement>(name);
export const type = (name: string | RegExp, text: string) =>
  fireEvent.change(field(name), { target: { value: text } });
export const button = (name: string | RegExp) =>
  screen.getByRole<HTMLButtonElement>('button', { name });
export const press = (name: string | RegExp) => fireEvent.click(button(name));

/** A sheet that closed gives the focus back in a turn of its own, which would close the next one. */
const focusReturned = () => act(() => new Promise<void>((resolve) => setTimeout(resolve)));

/** Chooses in a sentence: opens the choice by its label and takes the one with these words. */
export async function choose(label: RegExp, words: string | RegExp) {
  fireEvent.keyDown(button(label), { key: 'Enter' });
  fireEvent.click(await screen.findByRole('menuitemradio', { name: words }));
  await focusReturned();
}

/** Chooses in a sheet that is searched: opens it by its label and takes the line with these words. */
export async function pick(label: string, words: string) {
  fireEvent.click(button(new RegExp(`^${label}: `)));
  const list = await screen.findByRole('list', { name: label });
  fireEvent.click(await within(list).findByText(words));
  await focusReturned();
}

/** Whether closing the window now would be asked about. */
export function asksBeforeLeaving(): boolean {
  const leaving = new Event('beforeunload', { cancelable: true });
  window.dispatchEvent(leaving);
  return leaving.defaultPrevented;
}
