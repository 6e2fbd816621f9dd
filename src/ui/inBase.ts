/** The path this app lies under on its host; '' at the root. Written in when it is built. */
const BASE = process.env.EXPO_BASE_URL ?? '';

/** A path of the app as an address of the host: links that open elsewhere need it whole. */
export const inBase = (path: string): string => `${BASE}${path}`;
