const PARTS =
  /\d (?=[±°%]|(?:pH|ppm|CF|gal|min|[cmkµ]?(?:S|L|g|m|V|mol|eq)|h|s)(?![\p{L}\d]))|(?:±|pH) (?=\d)/gu;

/**
 * A text whose numbers do not part from their unit or their ± at the end of a line: ordinary spaces between
 * them become no-break spaces. `keepTogether('7.02 pH') // => '7.02\u00a0pH'`
 */
export const keepTogether = (text: string): string =>
  text.replace(PARTS, (part) => `${part.slice(0, -1)}\u00a0`);
