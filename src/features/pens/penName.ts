/** A pen's first name from its profile's title: a capital, unless it begins with pH. */
export function penName(title: string): string {
  return title.startsWith('pH') ? title : `${title[0]?.toUpperCase()}${title.slice(1)}`;
}
