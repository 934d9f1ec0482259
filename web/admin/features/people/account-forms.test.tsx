import { screen, waitFor } from '@testing-library/react';
import { beforeAll, describe, expect, it } from 'vitest';
import { button, choose, draw, field, office, press, refusal, type } from '../../../tests/office';

let PasswordForm: typeof import('./password-form').PasswordForm;
let Invite: typeof import('./invite').Invite;
let TwoStepSignIn: typeof import('./two-step-sign-in').TwoStepSignIn;
beforeAll(async () => {
  ({ PasswordForm } = await import('./password-form'));
  ({ Invite } = await import('./invite'));
  ({ TwoStepSignIn } = await import('./two-step-sign-in'));
});

const PASSWORD = 'PUT /api/v1/account/password';
const INVITATIONS = 'POST /api/v1/people/invitations';

describe('another password', () => {
  const fill = () => {
    type('Current password', 'the old one and its words');
    type('New password', 'quite another set of words');
  };

  it('is sent once both are typed, and leaves nothing typed', async () => {
    const { changes } = office({ [PASSWORD]: {} });
    draw(<PasswordForm />);
    expect(button('Change password').disabled).toBe(true);
    fill();
    expect(button('Change password').disabled).toBe(false);
    press('Change password');
    expect(await screen.findByText(/Password changed/)).toBeTruthy();
    expect(changes()[0]?.body).toEqual({
      current: 'the old one and its words',
      password: 'quite another set of words',
    });
    await waitFor(() => expect(field('New password').value).toBe(''));
  });

  it('that is refused keeps what was typed, and says beside which field why', async () => {
    office({
      [PASSWORD]: () =>
        refusal(400, 'Please check these fields.', [
          { field: 'current', reason: 'This is not your password.' },
        ]),
    });
    draw(<PasswordForm />);
    fill();
    press('Change password');
    expect(await screen.findByText('This is not your password.')).toBeTruthy();
    expect(field('Current password').getAttribute('aria-invalid')).toBe('true');
    expect(field('New password').value).toBe('quite another set of words');
    expect(screen.queryByRole('alert')).toBe(null);
  });

  it('that fails as a whole is told as a whole', async () => {
    office({ [PASSWORD]: () => refusal(429, 'Too many attempts. Please wait a minute.') });
    draw(<PasswordForm />);
    fill();
    press('Change password');
    expect((await screen.findByRole('alert')).textContent).toBe(
      'Too many attempts. Please wait a minute.',
    );
  });
});

describe('an invitation', () => {
  it('says what was chosen, and gives the link to pass on', async () => {
    const { changes } = office({ [INVITATIONS]: { fragment: '#join=abc', isSent: false } });
    draw(<Invite canSend={false} />);
    type('E-mail address to invite', 'ines@shop.example');
    await choose(/^Link valid for/, '14 days');
    press('Create link');
    expect(await screen.findByText(/ines@shop\.example/)).toBeTruthy();
    expect(changes()[0]?.body).toEqual({ email: 'ines@shop.example', role: 'DESK', days: 14 });
    expect(screen.getByText(/\/today#join=abc$/)).toBeTruthy();
    // the next one is for someone else
    expect(field('E-mail address to invite').value).toBe('');
  });

  it('to nobody cannot be sent', () => {
    office({});
    draw(<Invite canSend />);
    type('E-mail address to invite', '   ');
    expect(button('Send invitation').disabled).toBe(true);
  });

  it('that is refused says why beside the address that was typed', async () => {
    office({
      [INVITATIONS]: () =>
        refusal(400, 'Please check these fields.', [
          { field: 'email', reason: 'This person is already here.' },
        ]),
    });
    draw(<Invite canSend />);
    type('E-mail address to invite', 'beatriz@shop.example');
    press('Send invitation');
    expect((await screen.findByRole('alert')).textContent).toBe('This person is already here.');
    expect(field('E-mail address to invite').value).toBe('beatriz@shop.example');
  });
});

describe('the second step at sign-in', () => {
  it('is set up with the password, a code, and recovery codes to store', async () => {
    const { changes } = office({
      'POST /api/v1/account/second-step': {
        offer: 'an-offer',
        secret: 'ABCDEFGHIJKL',
        address: 'otpauth://totp/x?secret=ABCDEFGHIJKL',
      },
      'PUT /api/v1/account/second-step': { codes: ['1111-2222', '3333-4444'] },
    });
    draw(<TwoStepSignIn has={false} left={0} />);
    type('Your password', 'the words of mine');
    press('Set up');
    expect(await screen.findByText('ABCD EFGH IJKL')).toBeTruthy();
    expect(button('Confirm').disabled).toBe(true);
    type('Code from the app', '123456');
    press('Confirm');
    expect(await screen.findByText('1111-2222')).toBeTruthy();
    expect(changes().map(({ body }) => body)).toEqual([
      { password: 'the words of mine' },
      { offer: 'an-offer', code: '123456' },
    ]);
    press('I have stored them');
    expect(field('Your password').value).toBe('');
  });

  it('is turned off with the password alone; a wrong one is said beside it', async () => {
    const { changes } = office({
      'POST /api/v1/account/second-step/off': () => refusal(403, 'This is not your password.'),
    });
    draw(<TwoStepSignIn has left={3} />);
    expect(button('Turn off').disabled).toBe(true);
    type('Your password', 'wrong');
    press('Turn off');
    expect(await screen.findByText('This is not your password.')).toBeTruthy();
    expect(field('Your password').getAttribute('aria-invalid')).toBe('true');
    expect(changes()).toHaveLength(1);
  });
});
