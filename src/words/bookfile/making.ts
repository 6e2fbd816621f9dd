/** While a file is made or read: apart from the rest, for a book that does not open saves one too. */
export const makingSays = {
  makingTheFile: (percent: number) => `Making the file and reading it back: ${percent} %`,
  stop: 'Stop',
} as const;
