/** The address of a font or picture of the shop's own; nothing where the text names none. */
export function ownAddress(origin: string, text: string | undefined): string | undefined {
  return text?.startsWith('own:') ? `${origin}/embed/v1/materials/${text.slice(4)}` : undefined;
}
