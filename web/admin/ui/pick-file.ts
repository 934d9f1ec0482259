/** Asks for a file of the machine's, of the kinds that an input's accept names. */
export function pickFile(accept: string, take: (file: File) => void) {
  const input = document.createElement('input');
  input.type = 'file';
  input.accept = accept;
  input.onchange = () => {
    const file = input.files?.[0];
    if (file) take(file);
  };
  input.click();
}
