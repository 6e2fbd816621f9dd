/**
 * The text of a file's bytes: UTF-8, UTF-16 with its mark, else the single-byte code that spreadsheets
 * of western systems write. Source: Encoding Standard, WHATWG, labels utf-8, utf-16le, utf-16be,
 * windows-1252.
 */
export function textOf(bytes: Uint8Array): string {
  const [first, second] = bytes;
  if (first === 0xff && second === 0xfe) return new TextDecoder('utf-16le').decode(bytes);
  if (first === 0xfe && second === 0xff) return new TextDecoder('utf-16be').decode(bytes);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}
