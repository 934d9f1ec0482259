import { useState } from 'react';
import { useNavigate } from 'react-router';
import { Over } from '../../ui/over';
import { useProducts } from '../../ui/product-pick';
import { useArrangement } from '../pages/queries';

/** Somewhere to go, or something to do there. */
interface Goal {
  text: string;
  note: string;
  to: string;
}

const GOALS: Goal[] = [
  ['Today', 'what is worth doing next', '/today'],
  ['Reviews', 'the desk: what waits', '/reviews'],
  ['Published reviews', 'the desk', '/reviews?state=PUBLISHED'],
  ['Reviews on hold', 'the desk', '/reviews?state=HELD'],
  ['Bring reviews in', 'a file, an address, pasted cells', '/reviews/bring-in'],
  ['Type a review in', 'from a letter or a message', '/reviews/bring-in/by-hand'],
  ['Reviews by product', 'how many each has', '/reviews/by-product'],
  ['Reviews of the shop itself', 'from a business listing', '/reviews/listing'],
  ['Pages', 'the live page, and why', '/pages'],
  ['Listing', 'as shoppers see it', '/pages/listing'],
  ['Home page', 'as shoppers see it', '/pages/home'],
  ['Basket', 'as shoppers see it', '/pages/basket'],
  ['Order confirmation', 'as shoppers see it', '/pages/confirmation'],
  ['Catalogue', 'products, and which nods each shows', '/catalogue'],
  ['Bring products or orders in', 'feeds and files', '/catalogue/feeds'],
  ['Delivery', 'the days that count', '/delivery'],
  ['Proof', 'what could be held against it', '/proof'],
  ['Setup', 'connect, brand, leave', '/setup'],
  ['People', 'roles, invitations, devices, what was done', '/setup/people'],
  ['Your account', 'password, second step, sign out elsewhere', '/account'],
].map(([text = '', note = '', to = '']) => ({ text, note, to }));

const MOST = 9;

/** Goes to a place, a product's page or a nod by some of its name. */
export function GoTo({ onDone }: { onDone: () => void }) {
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
    <Over title="Go to or do" onDone={onDone}>
      <input
        role="combobox"
        aria-expanded
        aria-controls="goals"
        aria-activedescendant={found[chosen] && `goal-${chosen}`}
        aria-label="Some of its name"
        placeholder="A place, a product, a nod"
        autoComplete="off"
        className="mt-3 rounded-lg border border-line-3 bg-white px-3 py-2"
        value={text}
        onChange={(event) => {
          setText(event.target.value);
          setAt(0);
        }}
        onKeyDown={press}
      />
      <ul id="goals" role="listbox" aria-label="What there is" className="mt-2">
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
      {found.length === 0 && <p className="mt-2 px-3 text-ink-2">Nothing is called that.</p>}
    </Over>
  );
}

/** What a text finds: places first, then products, then nods. */
function useGoals(wanted: string): Goal[] {
  const products = useProducts(wanted);
  const nods = useArrangement().data?.draft ?? [];
  if (!wanted) return GOALS.slice(0, MOST);
  const isWanted = ({ text, note }: Goal) =>
    wanted.split(/\s+/).every((part) => `${text} ${note}`.toLocaleLowerCase().includes(part));
  return [
    ...GOALS.filter(isWanted),
    ...(products.data?.items ?? []).map(({ title, slug }) => ({
      text: title,
      note: 'its page',
      to: `/pages/product/${slug}`,
    })),
    ...nods
      .map(({ id, name, pages }) => ({
        text: name,
        note: 'nod',
        to: `/pages/${(pages[0] ?? 'PRODUCT').toLowerCase()}?nod=${id}`,
      }))
      .filter(isWanted),
  ].slice(0, MOST);
}
