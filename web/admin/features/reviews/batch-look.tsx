import { useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { Button } from '../../ui/button';
import { Pick, type Choice } from '../../ui/pick';
import { ProductPick } from '../../ui/product-pick';
import { count, number } from '../../shared/words';
import { Problem } from '../../shared/api';
import { useRead, type BatchView, type Choices } from './bring-in-queries';

type Columns = NonNullable<Choices['columns']>;

const COLUMNS: Choice<string>[] = [
  { value: 'PRODUCT', text: 'the product' },
  { value: 'VARIANT', text: 'the variant' },
  { value: 'RATING', text: 'the rating' },
  { value: 'TITLE', text: 'the title' },
  { value: 'WORDS', text: 'the words' },
  { value: 'REVIEWER', text: 'the reviewer' },
  { value: 'COUNTRY', text: 'the country' },
  { value: 'LANGUAGE', text: 'the language' },
  { value: 'DATE', text: 'the date' },
  { value: 'ORDER', text: 'the order' },
  { value: 'SOURCE_ID', text: 'its id there' },
  { value: 'NONE', text: 'not used' },
];

const SCALES: Choice<string>[] = [
  { value: '1-5', text: '1 to 5' },
  { value: '1-10', text: '1 to 10, made 1 to 5' },
  { value: '0-10', text: '0 to 10, made 1 to 5' },
  { value: '0-100', text: '0 to 100, made 1 to 5' },
];

const ENCODINGS: Choice<string>[] = [
  { value: 'UTF-8', text: 'UTF-8' },
  { value: 'windows-1252', text: 'Latin-1 (Windows)' },
  { value: 'ISO-8859-15', text: 'Latin-9' },
  { value: 'UTF-16LE', text: 'UTF-16, low byte first' },
  { value: 'UTF-16BE', text: 'UTF-16, high byte first' },
];

/** What is in a file, what each column is taken for, and how to take it in. */
export function BatchLook({ batch }: { batch: BatchView }) {
  const { look } = batch;
  const queries = useQueryClient();
  const read = useRead(batch.id);
  const [columns, setColumns] = useState<Columns>(look.columns);
  const [scale, setScale] = useState(`${look.worst}-${look.best}`);
  const [encoding, setEncoding] = useState(look.encoding);
  const [product, setProduct] = useState<string | undefined>();

  const assign = (index: number, what: string) => {
    const kept = Object.entries(columns).filter(([name, at]) => at !== index && name !== what);
    setColumns(Object.fromEntries<number>(what === 'NONE' ? kept : [...kept, [what, index]]));
  };
  const meaning = (index: number) =>
    Object.entries(columns).find(([, at]) => at === index)?.[0] ?? 'NONE';
  const productHeading =
    columns['PRODUCT'] === undefined ? undefined : look.headings[columns['PRODUCT']];
  const missing =
    columns['RATING'] === undefined
      ? 'Say which column holds the rating.'
      : !product && !productHeading
        ? 'Choose the product, or say which column names it.'
        : undefined;
  const start = () => {
    const [worst, best] = scale.split('-').map(Number);
    read.mutate(
      { columns, encoding, ...(product ? { product } : {}), worst: worst!, best: best! },
      { onSuccess: (next) => queries.setQueryData(['batch', batch.id], next) },
    );
  };

  return (
    <>
      <header className="mb-3 flex items-baseline gap-3">
        <h1 className="text-xl">{batch.fileName}</h1>
        <p className="text-ink-2">
          <b className="text-ink">{number(look.rows)}</b> {look.rows === 1 ? 'row' : 'rows'} in{' '}
          <b className="text-ink">{look.headings.length}</b> columns
          {look.broken > 0 && `, and ${count(look.broken, 'row')} that cannot be read`}
        </p>
      </header>
      <div className="overflow-x-auto rounded-xl border border-line bg-paper">
        <table className="w-full text-left">
          <thead>
            <tr className="align-top">
              <th className="px-3 py-2.5 text-[13px] font-medium text-ink-2">line</th>
              {look.headings.map((heading, index) => (
                <th
                  key={index}
                  className={`border-l border-line px-3 py-2.5 font-normal whitespace-nowrap ${meaning(index) === 'NONE' ? 'text-ink-2' : ''}`}
                >
                  <b className="font-semibold">{heading || `column ${index + 1}`}</b> is
                  <br />
                  <Pick
                    label={`Column ${heading || index + 1}`}
                    value={meaning(index)}
                    choices={COLUMNS}
                    onPick={(what) => assign(index, what)}
                  />
                  {meaning(index) === 'DATE' && look.dateBecause && (
                    <span className="mt-1 block text-[13px] text-fern">
                      {look.dateOrder === 'DAY_FIRST' ? 'day before month' : 'month before day'},
                      because {look.dateBecause} occurs
                    </span>
                  )}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {look.samples.map((sample) => (
              <tr key={sample.line} className="border-t border-line">
                <td className="px-3 py-1.5 text-[13px] text-ink-2 tabular-nums">{sample.line}</td>
                {look.headings.map((_, index) => (
                  <td
                    key={index}
                    className={`max-w-64 truncate border-l border-line px-3 py-1.5 ${meaning(index) === 'NONE' ? 'text-ink-2' : ''}`}
                  >
                    {sample.cells[index] || <span className="text-ink-2">empty</span>}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <section className="mt-4 max-w-3xl rounded-2xl border border-line bg-paper p-6">
        <h2 className="mb-3 text-lg">How to take it in</h2>
        <p className="text-[16px] leading-9 text-ink-2">
          Read the rows into{' '}
          <ProductPick
            label="Product"
            value={product}
            none={
              productHeading ? `the product named in column ${productHeading}` : 'choose a product'
            }
            onPick={setProduct}
          />
          , with ratings from{' '}
          <Pick label="Scale" value={scale} choices={SCALES} onPick={setScale} />, written in{' '}
          <Pick
            label="Encoding"
            value={encoding}
            choices={
              ENCODINGS.some((one) => one.value === encoding)
                ? ENCODINGS
                : [{ value: encoding, text: encoding }, ...ENCODINGS]
            }
            onPick={setEncoding}
          />
          .
        </p>
        <p className="mt-2 border-t border-line pt-3">
          <b>So:</b> up to {count(look.rows, 'review')} will wait on the desk. What is here already,
          or was left out before, is passed over. Nothing is public until you publish it.
        </p>
        {look.highestRating > Number(scale.split('-')[1]) && (
          <p className="mt-2 text-rust-ink">
            A rating of {look.highestRating} occurs. On this scale such rows cannot be read.
          </p>
        )}
        {(missing ?? read.error) && (
          <p role="alert" className="mt-3 rounded-lg bg-rust-soft px-3 py-2 text-rust-ink">
            {missing ?? (read.error instanceof Problem ? read.error.message : 'That did not work.')}
          </p>
        )}
        <Button
          look="inside"
          className="mt-4"
          disabled={!!missing || read.isPending}
          onClick={start}
        >
          Read {count(look.rows, 'row')} in
        </Button>
      </section>
    </>
  );
}
