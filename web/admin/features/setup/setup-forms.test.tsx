import { screen, waitFor } from '@testing-library/react';
import { beforeAll, describe, expect, it } from 'vitest';
import {
  asksBeforeLeaving,
  button,
  choose,
  draw,
  field,
  office,
  press,
  refusal,
  type,
} from '../../../tests/office';

let SubmissionPolicy: typeof import('./submission-policy').SubmissionPolicy;
let ShopperCountry: typeof import('./shopper-country').ShopperCountry;
let ReviewForm: typeof import('./review-form').ReviewForm;
let ShopForm: typeof import('./shop-form').ShopForm;
let ApiKeys: typeof import('./api-keys').ApiKeys;
beforeAll(async () => {
  ({ SubmissionPolicy } = await import('./submission-policy'));
  ({ ShopperCountry } = await import('./shopper-country'));
  ({ ReviewForm } = await import('./review-form'));
  ({ ShopForm } = await import('./shop-form'));
  ({ ApiKeys } = await import('./api-keys'));
});

const SHOP = {
  name: 'Fern & Clay',
  address: 'https://shop.example',
  productPath: '/p/{product}',
  listingPath: '/c/{category}',
  basketPath: '/basket',
  zone: 'Europe/Lisbon',
  currency: 'EUR',
  publicKey: 'k1',
};
const RULE = { admission: 'MANUAL', notice: 'SOON', noticeTo: 'a@shop.example', hasMail: true };

describe('the shop’s details', () => {
  it('are saved as they stand, and are then no longer asked about', async () => {
    const { changes } = office({
      'PUT /api/v1/shop': ({ body }: { body: unknown }) => body as object,
    });
    draw(<ShopForm shop={SHOP} />);
    expect(asksBeforeLeaving()).toBe(false);
    type('Name', 'Fern');
    expect(asksBeforeLeaving()).toBe(true);
    press('Save');
    expect(await screen.findByText('Shop details saved')).toBeTruthy();
    expect(changes()[0]?.body).toEqual({ ...SHOP, name: 'Fern' });
    await waitFor(() => expect(asksBeforeLeaving()).toBe(false));
  });

  it('show what the server made of them', async () => {
    office({ 'PUT /api/v1/shop': { ...SHOP, address: 'https://shop.example' } });
    draw(<ShopForm shop={SHOP} />);
    type('Address', 'https://shop.example/');
    press('Save');
    await waitFor(() => expect(field('Address').value).toBe('https://shop.example'));
  });

  it('that are refused stay typed, each with its reason, the first in the caret', async () => {
    office({
      'PUT /api/v1/shop': () =>
        refusal(400, 'Please check these fields.', [
          { field: 'zone', reason: 'This is no time zone.' },
          { field: 'currency', reason: 'This is no currency.' },
        ]),
    });
    draw(<ShopForm shop={SHOP} />);
    type('Time zone', 'Lisboa');
    type('Currency', 'Euro');
    press('Save');
    expect(await screen.findByText('This is no time zone.')).toBeTruthy();
    expect(screen.getByText('This is no currency.')).toBeTruthy();
    expect(document.activeElement).toBe(field('Time zone'));
    expect(field('Currency').value).toBe('Euro');
    expect(screen.queryByRole('alert')).toBe(null);
    expect(asksBeforeLeaving()).toBe(true);
  });

  it('tell what becomes of prices before they change the currency', async () => {
    const { changes } = office({
      'PUT /api/v1/shop?knowsPrices=true': ({ body }: { body: unknown }) => body as object,
      'PUT /api/v1/shop': () => refusal(409, '3 products have prices in EUR.'),
    });
    draw(<ShopForm shop={SHOP} />);
    type('Currency', 'USD');
    press('Save');
    expect(await screen.findByText('3 products have prices in EUR.')).toBeTruthy();
    press('Keep EUR');
    expect(field('Currency').value).toBe('EUR');
    expect(changes()).toHaveLength(1);
    type('Currency', 'USD');
    press('Save');
    await screen.findByText('3 products have prices in EUR.');
    press('Change it');
    expect(await screen.findByText('Shop details saved')).toBeTruthy();
    expect(changes()).toHaveLength(3);
  });

  it('are still there when the server is away', async () => {
    office({ 'PUT /api/v1/shop': () => refusal(503, 'Please try again.') });
    draw(<ShopForm shop={SHOP} />);
    type('Name', 'Fern');
    press('Save');
    expect((await screen.findByRole('alert')).textContent).toBe('Please try again.');
    expect(field('Name').value).toBe('Fern');
  });
});

describe('what becomes of new reviews', () => {
  it('is chosen in a sentence and saved', async () => {
    const { changes } = office({
      'GET /api/v1/submission-policy': RULE,
      'PUT /api/v1/submission-policy': { ...RULE, admission: 'IMMEDIATE' },
    });
    draw(<SubmissionPolicy />);
    await screen.findByLabelText(/E-mail address for notifications/);
    await choose(/^Publish new reviews/, 'at once');
    expect(asksBeforeLeaving()).toBe(true);
    press('Save');
    await waitFor(() => expect(changes()).toHaveLength(1));
    expect(changes()[0]?.body).toEqual({
      admission: 'IMMEDIATE',
      notice: 'SOON',
      noticeTo: 'a@shop.example',
    });
    await waitFor(() => expect(asksBeforeLeaving()).toBe(false));
  });

  it('asks for no address where nobody is told', async () => {
    office({ 'GET /api/v1/submission-policy': RULE });
    draw(<SubmissionPolicy />);
    await screen.findByLabelText(/E-mail address for notifications/);
    await choose(/^E-mail about new reviews/, 'never');
    await waitFor(() =>
      expect(screen.queryByLabelText(/E-mail address for notifications/)).toBe(null),
    );
  });

  it('keeps what is typed when an e-mail fails meanwhile', async () => {
    const stored: Record<string, unknown> = { ...RULE };
    office({ 'GET /api/v1/submission-policy': () => stored });
    const { refetch } = draw(<SubmissionPolicy />);
    await screen.findByLabelText(/E-mail address for notifications/);
    type(/E-mail address for notifications/, 'b@shop.example');
    stored.failure = 'The mail server is away.';
    await refetch();
    expect(await screen.findByText(/The mail server is away\./)).toBeTruthy();
    expect(field(/E-mail address for notifications/).value).toBe('b@shop.example');
  });

  it('says beside the address what is wrong with it', async () => {
    office({
      'GET /api/v1/submission-policy': RULE,
      'PUT /api/v1/submission-policy': () =>
        refusal(400, 'Please check these fields.', [
          { field: 'noticeTo', reason: 'Please enter a valid e-mail address.' },
        ]),
    });
    draw(<SubmissionPolicy />);
    await screen.findByLabelText(/E-mail address for notifications/);
    type(/E-mail address for notifications/, 'nobody');
    press('Save');
    expect(await screen.findByText('Please enter a valid e-mail address.')).toBeTruthy();
    expect(field(/E-mail address for notifications/).value).toBe('nobody');
  });
});

describe('the review form', () => {
  const FORM = {
    fields: { TITLE: 'OPTIONAL', WORDS: 'REQUIRED', PICTURES: 'OPTIONAL', CRITERIA: 'OPTIONAL' },
    criteria: [{ id: 4, names: { en: 'Weight', pt: 'Peso' } }],
    mostPictures: 4,
    largestPicture: 10,
  };
  const answers = (put: (asked: { body: unknown }) => object) =>
    office({
      'GET /api/v1/review-form': FORM,
      'GET /api/v1/structured-data-policy': { countsBroughtIn: false },
      'PUT /api/v1/review-form': put,
    });

  it('is saved with what is asked, its figures and its ratings', async () => {
    const { changes } = answers(({ body }) => body as object);
    draw(<ReviewForm />);
    await screen.findByLabelText('Photos per review');
    await choose(/^Title/, 'not asked');
    type('Photos per review', '6');
    type(/^Name 1 in English/, 'How heavy');
    press('Move up');
    press('Add a rating');
    expect(asksBeforeLeaving()).toBe(true);
    press('Save');
    await waitFor(() => expect(changes()).toHaveLength(1));
    expect(changes()[0]?.body).toEqual({
      ...FORM,
      fields: { ...FORM.fields, TITLE: 'OFF' },
      mostPictures: 6,
      criteria: [
        { id: 4, names: { en: 'How heavy', pt: 'Peso' } },
        { id: 0, names: {} },
      ],
    });
    await waitFor(() => expect(asksBeforeLeaving()).toBe(false));
  });

  it('says beside a figure and below a rating what is wrong, and can be sent again', async () => {
    const { changes } = answers(() =>
      refusal(400, 'Please check these fields.', [
        { field: 'mostPictures', reason: 'From 1 to 10.' },
        { field: 'criteria.1', reason: 'Please enter a name.' },
      ]),
    );
    draw(<ReviewForm />);
    await screen.findByLabelText('Photos per review');
    type('Photos per review', '');
    press('Save');
    expect(await screen.findByText('From 1 to 10.')).toBeTruthy();
    expect(screen.getByText(/Please enter a name\./)).toBeTruthy();
    expect(changes()[0]?.body).toEqual({ ...FORM, mostPictures: 0 });
    press('Save');
    await waitFor(() => expect(changes()).toHaveLength(2));
  });

  it('keeps what is typed when something else was saved elsewhere', async () => {
    const stored = { ...FORM };
    office({
      'GET /api/v1/review-form': () => stored,
      'GET /api/v1/structured-data-policy': { countsBroughtIn: false },
    });
    const { refetch } = draw(<ReviewForm />);
    await screen.findByLabelText('Photos per review');
    type('Photos per review', '6');
    stored.largestPicture = 12;
    await refetch();
    await waitFor(() => expect(field('Megabytes per photo').value).toBe('12'));
    expect(field('Photos per review').value).toBe('6');
  });
});

describe('the header with the shopper’s country', () => {
  const GEO = 'GET /api/v1/geo';
  const drawn = () => draw(<ShopperCountry />);

  it('is shown as it is, changed, and kept', async () => {
    let header = 'CF-Country';
    const { changes } = office({
      [GEO]: () => ({ header, looksUp: false }),
      'PUT /api/v1/geo': ({ body }: { body: unknown }) => {
        ({ header } = body as { header: string });
        return { header, looksUp: false };
      },
    });
    draw(<ShopperCountry />);
    const name = 'Proxy header with the country';
    await waitFor(() => expect(field(name).value).toBe('CF-Country'));
    expect(asksBeforeLeaving()).toBe(false);
    type(name, 'X-Country');
    expect(asksBeforeLeaving()).toBe(true);
    press('Save');
    await waitFor(() => expect(asksBeforeLeaving()).toBe(false));
    expect(changes()[0]?.body).toEqual({ header: 'X-Country' });
    expect(field(name).value).toBe('X-Country');
  });

  it('that is being typed stays when someone else has changed it meanwhile', async () => {
    let geo = { header: '', looksUp: false };
    office({ [GEO]: () => geo });
    const { refetch } = drawn();
    const name = 'Proxy header with the country';
    await screen.findByLabelText(name);
    type(name, 'X-Mine');
    geo = { header: 'X-Theirs', looksUp: true };
    await refetch();
    // what was heard is on the screen
    await screen.findByText(/the country file/);
    expect(field(name).value).toBe('X-Mine');
    expect(asksBeforeLeaving()).toBe(true);
  });

  it('that is no header is refused beside its field', async () => {
    office({
      [GEO]: { header: '', looksUp: true },
      'PUT /api/v1/geo': () =>
        refusal(400, 'Please check these fields.', [
          { field: 'header', reason: 'Use letters, digits and hyphens.' },
        ]),
    });
    draw(<ShopperCountry />);
    await screen.findByLabelText('Proxy header with the country');
    type('Proxy header with the country', 'a b');
    press('Save');
    expect(await screen.findByText('Use letters, digits and hyphens.')).toBeTruthy();
  });
});

describe('a new API key', () => {
  it('has a name, is told once, and leaves the field for the next', async () => {
    const { changes } = office({
      'GET /api/v1/api-keys': { items: [] },
      'GET /api/v1/shop': SHOP,
      'POST /api/v1/api-keys': { key: 'ny_secret', id: 1 },
    });
    draw(<ApiKeys />);
    expect(button('Create key').disabled).toBe(true);
    type('Name', 'The till');
    press('Create key');
    expect(await screen.findByText('ny_secret')).toBeTruthy();
    expect(changes()[0]?.body).toEqual({ name: 'The till', scopes: ['PRODUCTS_IN'], days: 365 });
    await waitFor(() => expect(field('Name').value).toBe(''));
  });
});
