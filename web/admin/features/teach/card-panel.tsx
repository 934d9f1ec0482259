import { Button } from '../../ui/button';
import { t, T } from '../../shared/t';
import { Marked } from '../connect/marked';
import { SayProduct } from '../connect/say-product';
import { StateDrop } from '../connect/state-drop';
import type { Lesson, TaughtCard } from '../layout/lesson-link';
import { useLearnedPages } from '../layout/nod-queries';
import { spotTitle } from '../layout/spots';
import type { Teaching } from './use-teaching';

const SPOTS = ['on-picture', 'listing-card', 'under-price'];
const STATES: Record<TaughtCard['state'], string> = {
  found: t('teach.panel.found'),
  unknown: t('teach.panel.unknown'),
  'left-out': t('teach.panel.leftOut'),
  'no-product': t('teach.panel.noProduct'),
};

interface PanelProps {
  lesson: Lesson;
  teaching: Teaching;
}

/** The card that was pressed: which product it is, and what can be said of it. */
export function CardPanel({ lesson, teaching }: PanelProps) {
  const learned = useLearnedPages().data;
  const cards = lesson.taught?.cards ?? [];
  const card = cards.find(({ n }) => n === lesson.card) ?? cards[0];
  const step = (by: number) =>
    card && lesson.chooseCard((card.n + by + cards.length) % cards.length);
  return (
    <section
      aria-labelledby="which-product"
      className="flex flex-col gap-4 rounded-2xl border border-line bg-paper p-5"
    >
      <div className="flex items-baseline gap-3">
        <h2 id="which-product" className="text-lg">
          {t('teach.panel.whichProduct')}
        </h2>
        <span className="flex-1" />
        {card && (
          <span className="flex items-center gap-2 text-[13px] text-ink-2">
            <Button aria-label={t('teach.panel.before')} onClick={() => step(-1)}>
              <Arrow />
            </Button>
            <T id="teach.panel.cardOf" values={{ n: card.n + 1, all: cards.length }} />
            <Button aria-label={t('teach.panel.after')} onClick={() => step(1)}>
              <Arrow isForward />
            </Button>
          </span>
        )}
      </div>
      {!lesson.taught && <p className="text-ink-2">{t('teach.panel.reading')}</p>}
      {lesson.taught && !card && <p className="text-ink-2">{t('teach.panel.none')}</p>}
      {card && (
        <Card card={card} cards={cards} isMarked={!!lesson.taught?.isMarked} teaching={teaching} />
      )}
      <div className="flex flex-col gap-2 border-t border-line pt-3">
        <p className="flex flex-wrap items-center gap-3">
          <Button look="inside" disabled={teaching.isBusy} onClick={() => teaching.point('CARD')}>
            {t('teach.panel.pointAtACard')}
          </Button>
          {learned?.landmarks['CARD'] && (
            <Button disabled={teaching.isBusy} onClick={() => teaching.forget('CARD')}>
              {t('teach.panel.forgetIt')}
            </Button>
          )}
        </p>
        <p className="text-[13px] text-ink-2">
          {lesson.taught?.isMarked ? (
            t('teach.panel.marksFirst')
          ) : learned?.landmarks['CARD'] ? (
            <T
              id="teach.panel.cardsAre"
              values={{ selector: <code className="break-all">{learned.landmarks['CARD']}</code> }}
            />
          ) : (
            t('teach.panel.byLinks')
          )}
        </p>
        {teaching.isAlone && (
          <p role="status" className="text-rust-ink">
            {t('teach.panel.alone')}
          </p>
        )}
      </div>
      {learned && learned.leftOut.length > 0 && (
        <div className="border-t border-line pt-3">
          <h3 className="text-[15px]">
            <T id="teach.panel.leftOutOf" values={{ n: learned.leftOut.length }} />
          </h3>
          <ul>
            {learned.leftOut.map((selector) => (
              <li
                key={selector}
                className="flex items-baseline gap-3 border-b border-line py-1.5 text-[13px]"
              >
                <code className="min-w-0 flex-1 break-all">{selector}</code>
                <Button
                  look="link"
                  disabled={teaching.isBusy}
                  onClick={() => teaching.takeIn(selector)}
                >
                  {t('teach.panel.takeIn')}
                </Button>
              </li>
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}

interface CardProps {
  card: TaughtCard;
  cards: TaughtCard[];
  isMarked: boolean;
  teaching: Teaching;
}

function Card({ card, cards, isMarked, teaching }: CardProps) {
  const known = cards.filter(({ state }) => state === 'found').length;
  return (
    <div role="status" className="flex flex-col gap-2">
      <p className="flex items-center gap-2.5">
        <StateDrop state={card.state === 'found' ? 'fine' : 'trouble'} />
        <b className="min-w-0 break-words">{card.text || t('teach.panel.withoutText')}</b>
      </p>
      <p className={card.state === 'found' ? 'text-ink-2' : 'text-rust-ink'}>
        {isMarked && card.state === 'found' ? t('teach.panel.marked') : STATES[card.state]}
      </p>
      {card.link && (
        <p className="rounded-lg border border-line bg-paper-2 px-3 py-1.5 break-all">
          <Marked text={card.link} part={card.name} />
        </p>
      )}
      {card.state === 'found' && (
        <>
          <p className="text-[13px] text-ink-2">
            <T id="teach.panel.inSoMany" values={{ known, all: cards.length }} />
          </p>
          <ul className="mt-1">
            {SPOTS.map((spot) => (
              <li key={spot} className="flex items-center gap-2.5 border-t border-line py-1.5">
                <StateDrop state={card.spots.includes(spot) ? 'fine' : 'open'} />
                {spotTitle(spot)}
                <span className="flex-1" />
                <span className="text-[13px] text-ink-2">
                  {card.spots.includes(spot) ? t('teach.panel.place') : t('teach.panel.noPlace')}
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
      <p className="flex flex-wrap items-center gap-4">
        {card.state === 'unknown' && <SayProduct name={card.name} onSaid={teaching.refresh} />}
        {isMarked ? null : card.state === 'left-out' ? (
          <Button
            look="link"
            disabled={teaching.isBusy}
            onClick={() => teaching.takeIn(card.selector)}
          >
            {t('teach.panel.takeIn')}
          </Button>
        ) : (
          <Button
            look="link"
            disabled={teaching.isBusy}
            onClick={() => teaching.leaveOut(card.selector)}
          >
            {t('teach.panel.leaveOut')}
          </Button>
        )}
      </p>
    </div>
  );
}

function Arrow({ isForward = false }: { isForward?: boolean }) {
  return (
    <svg viewBox="0 0 8 12" className="h-3 w-2 fill-none stroke-current stroke-2" aria-hidden>
      <path d={isForward ? 'M1.500 1l5 5-5 5' : 'M6.500 1l-5 5 5 5'} />
    </svg>
  );
}
