import { T } from '../../shared/t';
import { useProducts } from '../../ui/product-pick';

const PLACEHOLDER = '{{ product }}';

const marks = (product: string) =>
  `<body data-nod-page="product" data-nod-product="${product}">\n  …\n  <div data-nod-spot="under-title"></div>`;

/** The marks as a template writes them, and what it makes of them for a product of this shop. */
export function TemplateMarks() {
  const first = useProducts('').data?.items[0];
  return (
    <>
      <p className="mt-2">
        <T id="connect.line.inATemplate" values={{ placeholder: <code>{PLACEHOLDER}</code> }} />
      </p>
      <Code text={marks(PLACEHOLDER)} />
      {first && (
        <>
          <p className="mt-2">
            <T id="connect.line.becomes" values={{ product: <b>{first.title}</b> }} />
          </p>
          <Code text={marks(first.slug)} />
        </>
      )}
    </>
  );
}

function Code({ text }: { text: string }) {
  return (
    <pre className="mt-1 rounded-lg border border-line bg-paper p-2 font-mono break-all whitespace-pre-wrap">
      {text}
    </pre>
  );
}
