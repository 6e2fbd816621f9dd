/** The screen a screen hangs under, by its path: what Back means where nothing came before. */
export function parentOf(path: string): string {
  const parts = path.split('/').filter(Boolean);
  return `/${parts.slice(0, -1).join('/')}`;
}
