import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { useNotify } from '../../ui/toasts';
import { useServerForm } from '../../shared/server-form';
import { useUnsaved } from '../../shared/unsaved';
import { useSaveShop, type Shop } from '../shop/queries';
import { t } from '../../shared/t';

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
  const submit = onSubmit((wanted) =>
    save.mutate(wanted, {
      onSuccess: (saved) => {
        form.reset(saved);
        say(t('setup.setup.shopDetailsSaved'));
      },
      onError: refuse,
    }),
  );
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
    </form>
  );
}
