import { useRef } from 'react';
import { Button } from '../../ui/button';
import { useNotify } from '../../ui/toasts';
import { useUploadFile } from './queries';
import { problemText } from '../../shared/api';
import { t } from '../../shared/t';

interface FileActProps {
  kind: 'closures' | 'rules';
  accept: string;
  /** where the file is had that can be brought again */
  out: string;
}

const NAMES = {
  closures: {
    file: t('delivery.fileAct.aCalendarFile'),
    format: t('delivery.fileAct.icalendar'),
  },
  rules: {
    file: t('delivery.fileAct.deliveryRules'),
    format: 'CSV',
  },
};

/** Many at once by a file, in and out. */
export function FileActions({ kind, accept, out }: FileActProps) {
  const input = useRef<HTMLInputElement>(null);
  const bring = useUploadFile(kind);
  const { say } = useNotify();
  const names = NAMES[kind];
  return (
    <>
      <input
        ref={input}
        type="file"
        accept={accept}
        className="sr-only"
        aria-label={t('delivery.fileAct.import', { file: names.file })}
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          event.target.value = '';
          if (!file) return;
          bring.mutate(file, {
            onSuccess: (read) =>
              say(
                t('delivery.fileAct.imported', {
                  kind: kind === 'rules' ? 'RULES' : 'CALENDAR',
                  ...read,
                }),
              ),
            onError: (error) => say(problemText(error), true),
          });
        }}
      />
      <Button look="link" disabled={bring.isPending} onClick={() => input.current?.click()}>
        {bring.isPending
          ? t('delivery.fileAct.reading')
          : t('delivery.fileAct.import2', { file: names.file, format: names.format })}
      </Button>
      <a href={out} className="text-plum underline underline-offset-2" download>
        {t('delivery.fileAct.export')}
      </a>
    </>
  );
}
