const APART =
  /(\d) (?=(?:°C|°F|mL|L|gal|g|kg|mS\/cm|µS\/cm|ppm|CF|pH|%|s|min|h|d|days?|mmol|meq|mol|mg)(?![\p{L}\d]))/gu;
const NAMED = /\b(pH|EC|±) (?=\d)/g;

/** Keeps a number and its unit on one line: `typeset('21.7 °C')` has a space there that never breaks. */
export const typeset = (text: string): string =>
  text.replace(APART, '$1\u00a0').replace(NAMED, '$1\u00a0');
