import { Popover } from 'radix-ui';
import { useLocation } from 'react-router';
import { Button } from '../../ui/button';
import { SHEET } from '../../ui/pick';
import { useSay } from '../../ui/toasts';
import { count } from '../../shared/words';
import { useArrangement, usePublish } from './queries';

/** What is not public yet, in words, and making it so. */
export function PublishPages() {
  const arrangement = useArrangement();
  const publish = usePublish();
  const { say, sayProblem } = useSay();
  const changes = arrangement.data?.unpublished ?? [];
  // one saffron button to a screen: where a screen has its own public act, this one steps back
  const ownAct = /^\/reviews(\/sort\/\d+)?$/.test(useLocation().pathname);
  if (changes.length === 0) {
    return (
      <span className="text-[13px] text-on-plum-2">
        {arrangement.data && 'Your pages are as published'}
      </span>
    );
  }
  return (
    <Popover.Root>
      {!ownAct && (
        <span className="mr-2.5 text-[13px] text-on-plum-2">
          {count(changes.length, 'unpublished change')}
        </span>
      )}
      <Popover.Trigger asChild>
        <Button look={ownAct ? 'onPlum' : 'main'} className="py-1!">
          {ownAct ? `Publish ${count(changes.length, 'page change')}` : 'Publish'}
        </Button>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          className={`${SHEET} w-80 p-4!`}
          align="end"
          sideOffset={8}
          aria-label="Publish"
        >
          <h2 className="mb-2 text-[16px]">Shoppers will see this from now on</h2>
          <ul className="mb-4 list-disc pl-5">
            {changes.map((change) => (
              <li key={change}>{change}</li>
            ))}
          </ul>
          <Popover.Close asChild>
            <Button
              look="main"
              disabled={publish.isPending}
              onClick={() =>
                publish.mutate(undefined, {
                  onSuccess: (next) => say(`Published as version ${next.publishedVersion}`),
                  onError: sayProblem,
                })
              }
            >
              Publish {count(changes.length, 'change')}
            </Button>
          </Popover.Close>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
