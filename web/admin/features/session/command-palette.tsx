import { useState } from 'react';
import { useNavigate } from 'react-router';
import { Dialog } from '../../ui/dialog';
import { useProducts } from '../../ui/product-pick';
import { useLayout } from '../layout/queries';
import { t } from '../../shared/t';

/** Somewhere to go, or something to do there. */
interface Goal {
  text: string;
  note: string;
  to: string;
}

const GOALS: Goal[] = [
  [t('session.commandPalette.today'), t('session.commandPalette.whatToDoNext'), '/today'],
  [
    t('session.commandPalette.reviews'),
    t('session.commandPalette.reviewsWaitingForYou'),
    '/reviews',
  ],
  [
    t('session.commandPalette.publishedReviews'),
    t('session.commandPalette.allReviews'),
    '/reviews?state=PUBLISHED',
  ],
  [
    t('session.commandPalette.reviewsOnHold'),
    t('session.commandPalette.allReviews'),
    '/reviews?state=ON_HOLD',
  ],
  [
    t('session.commandPalette.importReviews'),
    t('session.commandPalette.fromAFileAWeb'),
    '/reviews/bring-in',
  ],
  [
    t('session.commandPalette.addAReviewByHand'),
    t('session.commandPalette.fromALetterOrA'),
    '/reviews/bring-in/by-hand',
  ],
  [
    t('session.commandPalette.reviewsByProduct'),
    t('session.commandPalette.howManyEachProductHas'),
    '/reviews/by-product',
  ],
  [
    t('session.commandPalette.reviewsAboutYourShop'),
    t('session.commandPalette.fromABusinessDirectory'),
    '/reviews/listing',
  ],
  [t('session.navigation.pages'), t('session.commandPalette.yourLivePagesWithTheir'), '/pages'],
  [
    t('session.commandPalette.categoryPage'),
    t('session.commandPalette.asShoppersSeeIt'),
    '/pages/listing',
  ],
  [
    t('session.commandPalette.homePage'),
    t('session.commandPalette.asShoppersSeeIt'),
    '/pages/home',
  ],
  [
    t('session.commandPalette.basket'),
    t('session.commandPalette.asShoppersSeeIt'),
    '/pages/basket',
  ],
  [
    t('session.commandPalette.orderConfirmation'),
    t('session.commandPalette.asShoppersSeeIt'),
    '/pages/confirmation',
  ],
  [
    t('session.commandPalette.catalogue'),
    t('session.commandPalette.productsAndTheNodsThey'),
    '/catalogue',
  ],
  [
    t('session.commandPalette.importProductsOrOrders'),
    t('session.commandPalette.filesAndAutomaticUpdates'),
    '/catalogue/feeds',
  ],
  [
    t('session.commandPalette.delivery'),
    t('session.commandPalette.deliveryRulesAndDates'),
    '/delivery',
  ],
  [
    t('session.commandPalette.evidence'),
    t('session.commandPalette.claimsThatCouldBeChallenged'),
    '/evidence',
  ],
  [t('session.commandPalette.setup'), t('session.commandPalette.connectApiKeysExport'), '/setup'],
  [
    t('session.commandPalette.people'),
    t('session.commandPalette.rolesInvitationsDevicesActivity'),
    '/setup/people',
  ],
  [
    t('session.commandPalette.backups'),
    t('session.commandPalette.whenAllWasLastKept'),
    '/setup/backups',
  ],
  [
    t('session.commandPalette.yourAccount'),
    t('session.commandPalette.passwordTwoStepSignIn'),
    '/account',
  ],
].map(([text = '', note = '', to = '']) => ({ text, note, to }));

const MOST = 9;

/** Goes to a place, a product's page or a nod by some of its name. */
export function CommandPalette({ onDone }: { onDone: () => void }) {
  const [text, setText] = useState('');
  const [at, setAt] = useState(0);
  const navigate = useNavigate();
  const found = useGoals(text.trim().toLocaleLowerCase());
  const chosen = Math.min(at, found.length - 1);
  const go = (goal: Goal | undefined) => {
    if (!goal) return;
    onDone();
    void navigate(goal.to);
  };
  const press = (event: React.KeyboardEvent) => {
    if (event.key === 'Enter') go(found[chosen]);
    else if (event.key === 'ArrowDown') setAt(Math.min(found.length - 1, chosen + 1));
    else if (event.key === 'ArrowUp') setAt(Math.max(0, chosen - 1));
    else return;
    event.preventDefault();
  };
  return (
    <Dialog title={t('session.commandPalette.goTo')} onDone={onDone}>
      <input
        role="combobox"
        aria-expanded
        aria-controls="goals"
        aria-activedescendant={found[chosen] && `goal-${chosen}`}
        aria-label={t('session.commandPalette.partOfAName')}
        placeholder={t('session.commandPalette.screenProductOrNod')}
        autoComplete="off"
        className="mt-3 rounded-lg border border-line-3 bg-white px-3 py-2"
        value={text}
        onChange={(event) => {
          setText(event.target.value);
          setAt(0);
        }}
        onKeyDown={press}
      />
      <ul
        id="goals"
        role="listbox"
        aria-label={t('session.commandPalette.results')}
        className="mt-2"
      >
        {found.map((goal, i) => (
          <li
            key={goal.to}
            id={`goal-${i}`}
            role="option"
            aria-selected={i === chosen}
            className={`flex cursor-pointer justify-between gap-4 rounded-lg px-3 py-1.5 ${i === chosen ? 'bg-plum-soft' : 'hover:bg-paper-2'}`}
            onClick={() => go(goal)}
          >
            <span className="truncate font-medium">{goal.text}</span>
            <span className="shrink-0 text-ink-2">{goal.note}</span>
          </li>
        ))}
      </ul>
      {found.length === 0 && (
        <p className="mt-2 px-3 text-ink-2">{t('session.commandPalette.noResults')}</p>
      )}
    </Dialog>
  );
}

/** What a text finds: places first, then products, then nods. */
function useGoals(wanted: string): Goal[] {
  const products = useProducts(wanted);
  const nods = useLayout().data?.draft ?? [];
  if (!wanted) return GOALS.slice(0, MOST);
  const isWanted = ({ text, note }: Goal) =>
    wanted.split(/\s+/).every((part) => `${text} ${note}`.toLocaleLowerCase().includes(part));
  return [
    ...GOALS.filter(isWanted),
    ...(products.data?.items ?? []).map(({ title, slug }) => ({
      text: title,
      note: t('session.commandPalette.productPage'),
      to: `/pages/product/${slug}`,
    })),
    ...nods
      .map(({ id, name, pages }) => ({
        text: name,
        note: t('session.commandPalette.nod'),
        to: `/pages/${(pages[0] ?? 'PRODUCT').toLowerCase()}?nod=${id}`,
      }))
      .filter(isWanted),
  ].slice(0, MOST);
}
