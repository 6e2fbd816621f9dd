/** The recipe of a fill. */
export const recipeSays = {
  recipeFor: (volumeL: string) => `Recipe for ${volumeL}`,
  whatGoesInFirst: 'What goes in first?',
  saltsFirstHint: 'they pull the pH down themselves',
  acidFirstHint: 'the salts stay dissolved; needs a known water',
  acid: 'Acid',
  nutrients: 'nutrients',
  acidFirst: 'acid',
} as const;
