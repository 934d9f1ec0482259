import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { Field } from '../ui/field';
import { Problem } from './api';
import { useServerForm } from './server-form';

interface Values {
  name: string;
  email: string;
}

/** A form whose server answers as a test says. */
function Form({ send }: { send: (values: Values) => unknown }) {
  const { field, problem, hasFaults, onSubmit, refuse } = useServerForm<Values>({
    name: '',
    email: 'a@shop.example',
  });
  return (
    <form
      aria-label="form"
      onSubmit={(event) => void onSubmit((values) => refuse(send(values)))(event)}
    >
      <Field label="Name" {...field('name')} />
      <Field label="E-mail" {...field('email')} />
      <output>{`${problem ?? 'fine'}, ${hasFaults ? 'with faults' : 'without'}`}</output>
      <button type="submit">Send</button>
    </form>
  );
}

const refused = () =>
  new Problem(400, 'Please check these fields.', [
    { field: 'name', reason: 'Say who you are.' },
    { field: 'elsewhere', reason: 'Not of this form.' },
  ]);

const send = () => fireEvent.submit(screen.getByRole('form'));
const type = (label: string, text: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value: text } });

describe('a form that the server judges', () => {
  it('sends what was typed and what stood there', async () => {
    const taken = vi.fn();
    render(<Form send={taken} />);
    type('Name', 'Rita');
    send();
    await waitFor(() => expect(taken).toHaveBeenCalledTimes(1));
    expect(taken.mock.calls[0]?.[0]).toEqual({ name: 'Rita', email: 'a@shop.example' });
    expect(screen.getByRole('status').textContent).toBe('fine, without');
  });

  it('says beside a field what is wrong with it, and the rest for all of it', async () => {
    render(<Form send={refused} />);
    send();
    await screen.findByText('Say who you are.');
    expect(screen.getByLabelText('Name').getAttribute('aria-invalid')).toBe('true');
    expect(screen.getByLabelText('E-mail').getAttribute('aria-invalid')).toBe('false');
    expect(screen.queryByText('Not of this form.')).toBe(null);
    expect(screen.getByRole('status').textContent).toBe('Please check these fields., with faults');
  });

  it('sends again after a refusal, and forgets what was wrong', async () => {
    const answers = [refused(), undefined];
    const server = vi.fn<(values: Values) => unknown>(() => answers.shift());
    render(<Form send={server} />);
    send();
    await screen.findByText('Say who you are.');
    type('Name', 'Rita');
    send();
    await waitFor(() => expect(server).toHaveBeenCalledTimes(2));
    await waitFor(() => expect(screen.queryByText('Say who you are.')).toBe(null));
    expect(screen.getByRole('status').textContent).toBe('fine, without');
  });

  it('does not tell as a refusal what is none', async () => {
    render(<Form send={() => new TypeError('the network')} />);
    send();
    await waitFor(() => expect(screen.getByRole('status').textContent).toBe('fine, without'));
  });

  /** A form with something that is picked, and with values that come from elsewhere. */
  function Picking({ name, send }: { name: string; send: (values: Values) => unknown }) {
    const { field, pick, faultOf, onSubmit, refuse } = useServerForm<Values>({ name, email: 'a' });
    return (
      <form
        aria-label="form"
        onSubmit={(event) => void onSubmit((values) => refuse(send(values)))(event)}
      >
        <Field label="Name" {...field('name')} />
        <button type="button" onClick={() => pick('email').onPick('b')}>
          Other e-mail
        </button>
        <output>{`${pick('email').value}, ${faultOf('email') ?? 'fine'}`}</output>
      </form>
    );
  }
  const said = () => screen.getByRole('status').textContent;
  const wrong = new Problem(400, 'Please check these fields.', [
    { field: 'email', reason: 'Another one, please.' },
  ]);

  it('can be sent again although what was wrong is picked and no field', async () => {
    const taken = vi.fn(() => wrong);
    render(<Picking name="" send={taken} />);
    send();
    await waitFor(() => expect(said()).toBe('a, Another one, please.'));
    send();
    await waitFor(() => expect(taken).toHaveBeenCalledTimes(2));
  });

  it('forgets what was wrong with something when another is picked', async () => {
    render(<Picking name="" send={() => wrong} />);
    send();
    await waitFor(() => expect(said()).toBe('a, Another one, please.'));
    fireEvent.click(screen.getByRole('button'));
    await waitFor(() => expect(said()).toBe('b, fine'));
  });

  it('follows other values only where nothing was changed here', async () => {
    const nothing = () => undefined;
    const { rerender } = render(<Picking name="Rita" send={nothing} />);
    fireEvent.click(screen.getByRole('button'));
    rerender(<Picking name="Rosa" send={nothing} />);
    const name = screen.getByLabelText<HTMLInputElement>('Name');
    await waitFor(() => expect(name.value).toBe('Rosa'));
    expect(said()).toBe('b, fine');
    type('Name', 'Rui');
    rerender(<Picking name="Ria" send={nothing} />);
    expect(name.value).toBe('Rui');
  });
});
