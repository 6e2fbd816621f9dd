/** Where the page notes at once which draft is done with. */
const keyOf = (name: string) => `saved-draft/${name}`;

/** Notes that a draft was saved, before the worker has deleted it: a page may be closed in between. */
export function noteSaved(name: string): void {
  try {
    localStorage.setItem(keyOf(name), 'saved');
  } catch {
    // Without this store the deleting alone must do.
  }
}

/** Whether the draft that is found is of before it was saved. */
export function wasSaved(name: string): boolean {
  try {
    return localStorage.getItem(keyOf(name)) !== null;
  } catch {
    return false;
  }
}

/** The draft is deleted, or another one stands in its place. */
export function forgetSaved(name: string): void {
  try {
    localStorage.removeItem(keyOf(name));
  } catch {
    // Nothing was noted then.
  }
}
