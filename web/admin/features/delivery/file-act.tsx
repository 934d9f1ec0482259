import { useRef } from 'react';
import { Button } from '../../ui/button';
import { useSay } from '../../ui/toasts';
import { count } from '../../shared/words';
import { useBringFile } from './queries';
import { told } from '../../shared/api';

interface FileActProps {
  kind: 'closed-days' | 'timings';
  accept: string;
  /** where the file is had that can be brought again */
  out: string;
}

const NAMES = {
  'closed-days': { file: 'a calendar file', format: 'iCalendar', one: 'closed day' },
  timings: { file: 'a table', format: 'CSV', one: 'timing' },
};

/** Many at once by a file, in and out. */
export function FileAct({ kind, accept, out }: FileActProps) {
  const input = useRef<HTMLInputElement>(null);
  const bring = useBringFile(kind);
  const { say } = useSay();
  const names = NAMES[kind];
  return (
    <>
      <input
        ref={input}
        type="file"
        accept={accept}
        className="sr-only"
        aria-label={`Bring in ${names.file}`}
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          event.target.value = '';
          if (!file) return;
          bring.mutate(file, {
            onSuccess: (read) =>
              say(
                `${count(read.added, names.one)} added` +
                  (read.known > 0 ? `, ${read.known} there already` : '') +
                  (read.leftOut > 0
                    ? `, ${read.leftOut} left out: over, or more than three years ahead`
                    : '') +
                  '. Z takes it back.',
              ),
            onError: (error) => say(told(error), true),
          });
        }}
      />
      <Button look="link" disabled={bring.isPending} onClick={() => input.current?.click()}>
        {bring.isPending ? 'Reading' : `Bring in ${names.file} (${names.format})`}
      </Button>
      <a href={out} className="text-plum underline underline-offset-2" download>
        Save as a file
      </a>
    </>
  );
}
