import qrcode from 'qrcode-generator';

const QUIET = 4;

interface QrCodeProps {
  text: string;
  label: string;
  className?: string;
}

/** A text as a QR code (ISO/IEC 18004), with the quiet zone it asks for; nothing is fetched. */
export function QrCode({ text, label, className = '' }: QrCodeProps) {
  const code = qrcode(0, 'M');
  code.addData(text);
  code.make();
  const size = code.getModuleCount();
  const cells: string[] = [];
  for (let y = 0; y < size; y++) {
    for (let x = 0; x < size; x++) {
      if (code.isDark(y, x)) cells.push(`M${x + QUIET} ${y + QUIET}h1v1h-1z`);
    }
  }
  const field = size + 2 * QUIET;
  return (
    <svg
      viewBox={`0 0 ${field} ${field}`}
      role="img"
      aria-label={label}
      shapeRendering="crispEdges"
      className={`rounded-lg bg-white ${className}`}
    >
      <path d={cells.join('')} fill="#000" />
    </svg>
  );
}
