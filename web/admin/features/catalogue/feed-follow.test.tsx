import { screen, waitFor } from '@testing-library/react';
import { beforeAll, describe, expect, it, vi } from 'vitest';
import { button, draw, field, office, press, refusal, type } from '../../../tests/office';

let FeedFollow: typeof import('./feed-follow').FeedFollow;
beforeAll(async () => {
  ({ FeedFollow } = await import('./feed-follow'));
});

const drawn = (feed?: { address: string; everyHours: number }) =>
  draw(<FeedFollow kind="PRODUCTS" text="products" feed={feed} onRun={vi.fn()} />);

describe('an address that is asked again and again', () => {
  it('needs an address; then it is followed every so many hours', async () => {
    const { changes } = office({ 'PUT /api/v1/feeds/products': {} });
    drawn();
    expect(button('Start').disabled).toBe(true);
    type(/^Address of your/, 'https://shop.example/feed');
    type(/in hours/, '12');
    press('Start');
    await waitFor(() => expect(changes()).toHaveLength(1));
    expect(changes()[0]?.body).toMatchObject({
      address: 'https://shop.example/feed',
      everyHours: 12,
    });
  });

  it('shows what it is, and can be stopped', () => {
    office({});
    drawn({ address: 'https://shop.example/feed', everyHours: 24 });
    expect(field(/^Address of your/).value).toBe('https://shop.example/feed');
    expect(field(/in hours/).value).toBe('24');
    expect(button('Stop')).toBeTruthy();
  });

  it('that is refused says why beside it, and keeps what was typed', async () => {
    office({ 'PUT /api/v1/feeds/products': () => refusal(422, 'This address is not public.') });
    drawn();
    type(/^Address of your/, 'http://10.0.0.1/feed');
    press('Start');
    expect(await screen.findByText('This address is not public.')).toBeTruthy();
    expect(field(/^Address of your/).value).toBe('http://10.0.0.1/feed');
  });
});
