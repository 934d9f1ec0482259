/** The part of an address that tells, underlined; what is not in it stands elsewhere. */
export function Marked({ text, part }: { text: string; part: string }) {
  const at = part ? text.indexOf(part) : -1;
  if (at < 0) return <>{text}</>;
  return (
    <>
      {text.slice(0, at)}
      <b className="border-b-2 border-plum text-plum">{part}</b>
      {text.slice(at + part.length)}
    </>
  );
}
