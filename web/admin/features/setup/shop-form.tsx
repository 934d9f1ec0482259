import { useState } from 'react';
import { Button } from '../../ui/button';
import { Dialog } from '../../ui/dialog';
import { Field } from '../../ui/field';
import { useNotify } from '../../ui/toasts';
import { Problem } from '../../shared/api';
import { useServerForm } from '../../shared/server-form';
import { useUnsaved } from '../../shared/unsaved';
import { useSaveShop, type Shop } from '../shop/queries';
import { t } from '../../shared/t';

/** The server asks back (RFC 9110, 15.5.10). */
const CONFLICT = 409;

const LISTS: Partial<Record<keyof Shop, string[]>> = {
  zone: Intl.supportedValuesOf('timeZone'),
  currency: Intl.supportedValuesOf('currency'),
};

const FIELDS: { name: keyof Shop; label: string; note: string }[] = [
  { name: 'name', label: t('setup.setup.name'), note: t('setup.setup.theNameYourCustomersKnow') },
  {
    name: 'address',
    label: t('setup.setup.address'),
    note: t('setup.setup.forExampleHttpsShopExample'),
  },
  {
    name: 'productPath',
    label: t('setup.setup.productPage'),
    note: t('setup.setup.useProductWhereTheProducts'),
  },
  {
    name: 'listingPath',
    label: t('setup.setup.categoryPage'),
    note: t('setup.setup.useCategoryWhereTheCategorys'),
  },
  {
    name: 'basketPath',
    label: t('setup.setup.basketPage'),
    note: t('setup.setup.forExampleBasket'),
  },
  {
    name: 'zone',
    label: t('setup.setup.timeZone'),
    note: t('setup.setup.daysAndDeadlinesUseThis'),
  },
  { name: 'currency', label: t('setup.setup.currency'), note: t('setup.setup.forExampleEur') },
];

/** What the shop is called, where its pages are, and in what it counts days and money. */
export function ShopForm({ shop }: { shop: Shop }) {
  const { form, field, problem, hasFaults, isChanged, onSubmit, refuse } =
    useServerForm<Shop>(shop);
  const save = useSaveShop();
  const { say } = useNotify();
  useUnsaved('shop', isChanged);
  const [asked, setAsked] = useState<{ wanted: Shop; why: string }>();
  const send = (wanted: Shop, knowsPrices: boolean) =>
    save.mutate(
      { ...wanted, knowsPrices },
      {
        onSuccess: (saved) => {
          form.reset(saved);
          say(t('setup.setup.shopDetailsSaved'));
        },
        onError: (error) =>
          error instanceof Problem && error.status === CONFLICT
            ? setAsked({ wanted, why: error.message })
            : refuse(error),
      },
    );
  const submit = onSubmit((wanted) => send(wanted, false));
  return (
    <form
      onSubmit={(event) => void submit(event)}
      noValidate
      className="rounded-2xl border border-line bg-paper p-6"
    >
      <h1 className="mb-4 text-xl">{t('setup.setup.yourShop')}</h1>
      <div className="grid grid-cols-2 gap-x-5 gap-y-3">
        {FIELDS.map(({ name, label, note }) => (
          <Field
            key={name}
            label={label}
            note={note}
            list={LISTS[name] && `shop-${name}`}
            {...field(name)}
          />
        ))}
        {Object.entries(LISTS).map(([name, choices]) => (
          <datalist key={name} id={`shop-${name}`}>
            {choices.map((choice) => (
              <option key={choice} value={choice} />
            ))}
          </datalist>
        ))}
      </div>
      {problem && !hasFaults && (
        <p role="alert" className="mt-3 rounded-lg bg-rust-soft px-3 py-2 text-rust-ink">
          {problem}
        </p>
      )}
      <Button look="inside" type="submit" className="mt-5" disabled={save.isPending}>
        {t('setup.setup.save')}
      </Button>
      {asked && (
        <Dialog
          title={t('setup.currency.change', { currency: asked.wanted.currency.toUpperCase() })}
          isAsking
          onDone={() => setAsked(undefined)}
        >
          <p className="my-3">{asked.why}</p>
          <p className="flex gap-3">
            <Button
              look="main"
              onClick={() => {
                setAsked(undefined);
                send(asked.wanted, true);
              }}
            >
              {t('setup.currency.changeIt')}
            </Button>
            <Button
              onClick={() => {
                setAsked(undefined);
                form.setValue('currency', shop.currency, { shouldDirty: true });
              }}
            >
              {t('setup.currency.keep', { currency: shop.currency })}
            </Button>
          </p>
        </Dialog>
      )}
    </form>
  );
}
