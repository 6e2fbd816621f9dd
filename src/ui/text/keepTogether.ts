const PARTS =
  /\d (?=[±°%]|(?:pH|ppm|CF|gal|min|[cmkµ]?(?:S|L|g|m|V|mol|eq)|h|s)(?![\p{L}\d]))|(?:±|pH) (?=\d)/gu;

/** A text whose numbers do not part from their unit or their ± at the end of a line. */
export const keepTogether = (text: string): string =>
  text.replace(PARTS, (part) => `${part.slice(0, -1)}\u00a0`);
// keepTogether('6.02 ± 0.05 pH') => '6.02\u00a0±\u00a00.05\u00a0pH'
