import { MINUTE_MS } from '@/core/units';

/** Lets the browser save bytes as a file in the downloads. */
export function saveBlob(name: string, blob: Blob): void {
  const address = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  // Long after the browser has taken it.
  setTimeout(() => URL.revokeObjectURL(address), MINUTE_MS);
}
