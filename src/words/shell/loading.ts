/** While a part of the app is fetched. */
export const loadingSays = {
  chart: 'Loading the chart',
  table: 'Loading the table',
  form: 'Loading the form',
  missing: (chunk: string, name: string) => `the chunk ${chunk} holds no ${name}`,
  dose: 'Loading the dose',
  book: 'Loading the Book',
  list: 'Loading the list',
  bench: 'Loading the Bench',
  reading: 'Loading Read',
  help: 'Loading Help',
  practice: 'Loading the practice',
} as const;
