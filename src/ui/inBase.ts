/** The path this app lies under on its host; '' at the root. Written in when it is built. */
const BASE = process.env.EXPO_BASE_URL ?? '';

/** A path of the app as an address of the host: links that open elsewhere need it whole. */
export const inBase = (path: string): string => `${BASE}${path}`;

/** The path of the app that an address of the host leads to; undefined where it leads out of the app. */
export const outOfBase = (href: string | null): string | undefined =>
  // Not by its length: the host's own path takes the place of this one after the build.
  href?.startsWith(`${BASE}/`) ? href.replace(BASE, '') : undefined;
