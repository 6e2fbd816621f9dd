const MAX_INITIALS = 4;

/** What is wrong with typed initials. */
export function initialsMessage(typed: string, taken: readonly string[]): string | undefined {
  const initials = typed.trim().toUpperCase();
  if (initials === '') return 'Type the initials.';
  if (initials.length > MAX_INITIALS) return 'Four letters at most.';
  return taken.includes(initials) ? `${initials} is already there.` : undefined;
}
