/** Crockford's alphabet: no letter of it is taken for another, or for a digit. */
const ALPHABET = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';

/** Letters of a code: 33 million codes, so that two labels of one house hardly ever share one. */
const SHORT_CODE_LENGTH = 5;

const BITS = 5;

/** FNV-1a over the characters of a text, as a whole number below 2³². */
function spread(text: string): number {
  let hash = 0x811c9dc5;
  for (let at = 0; at < text.length; at += 1)
    hash = Math.imul(hash ^ text.charCodeAt(at), 0x01000193) >>> 0;
  return hash;
}

/** Mixes the bits of a whole number, so that names made one after the other have codes far apart. */
function mixedUp(hash: number): number {
  let mixed = Math.imul(hash ^ (hash >>> 16), 0x85ebca6b);
  mixed = Math.imul(mixed ^ (mixed >>> 13), 0xc2b2ae35);
  return (mixed ^ (mixed >>> 16)) >>> 0;
}

/**
 * The short code of a record: five letters that depend on its name alone, so that every device prints
 * and finds the same. Two records may share one; whoever looks one up gets both.
 */
export function shortCode(recordId: string): string {
  const mixed = mixedUp(spread(recordId));
  return Array.from(
    { length: SHORT_CODE_LENGTH },
    (_, at) => ALPHABET[(mixed >>> (BITS * at)) & 31],
  ).join('');
}

/**
 * A code as it was typed, in its one spelling: capitals, without spaces and hyphens, O as 0, I and L as
 * 1. Undefined where it is no code.
 */
export function readShortCode(typed: string): string | undefined {
  const code = typed
    .toUpperCase()
    .replaceAll(/[\s-]/g, '')
    .replaceAll('O', '0')
    .replaceAll(/[IL]/g, '1');
  const isCode =
    code.length === SHORT_CODE_LENGTH && [...code].every((letter) => ALPHABET.includes(letter));
  return isCode ? code : undefined;
}

/** The code in what a camera read: the end of a label's link. Undefined for any other code's text. */
export function codeOfLink(text: string): string | undefined {
  const code = /\/L\/([0-9A-Z]{5})$/i.exec(text.trim())?.[1];
  return code === undefined ? undefined : readShortCode(code);
}
