/** Lets the browser save a text as a file in the downloads. */
export function saveText(name: string, text: string): void {
  const address = URL.createObjectURL(new Blob([text], { type: 'application/json' }));
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  // Long after the browser has taken it.
  setTimeout(() => URL.revokeObjectURL(address), 60_000);
}
