/** Name and message of an error, whatever was thrown. */
function told(error: unknown): string {
  return error instanceof Error ? `${error.name} ${error.message}` : String(error);
}

/** Why an act was not done and what to do; everything typed is still there. */
export function actFailureSentence(error: unknown): string {
  const text = told(error);
  if (/quota|disk|no space|storage is full/i.test(text))
    return 'Not saved: this device’s storage is full. Delete photos or other apps’ files, then try again. What you typed is still here.';
  if (/ReadOnlyBook/.test(text))
    return 'Not saved: a newer Zolder wrote part of this book. Load the new version, then try again. What you typed is still here.';
  if (/ErasedTime/.test(text))
    return 'Not saved: what happened then was erased for good. Look at the date. What you typed is still here.';
  if (/StillKept/.test(text)) return 'Nothing was erased: it must be kept longer than that.';
  if (/NotWritten/.test(text))
    return `Not saved: Zolder itself made an entry that it does not understand (${text.replace(/^\w+ /, '')}). Please save “what went wrong” under Settings for who helps you.`;
  return `Not saved: the browser’s storage did not answer (${text}). Try again. What you typed is still here.`;
}

/** Why the book does not open, and what can be done. */
export function openingFailureSentence(message: string): string {
  if (/quota|disk|no space/i.test(message))
    return 'This device’s storage is full. Delete photos or other apps’ files, then try again.';
  if (
    /indexeddb|IDB|denied|insecure|not allowed|SecurityError|backing store|InvalidState/i.test(
      message,
    )
  )
    return 'The browser does not let Zolder use its storage. In a private window, or with site data switched off, open Zolder in an ordinary window.';
  return `What the browser says: ${message}`;
}
