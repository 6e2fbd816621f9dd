/** The form of a pen. */
export const penFormSays = {
  yourOwn: 'your own',
  saveThePen: 'Save the pen',
  addThePen: 'Add the pen',
  changeCode: (code: string) => `Change ${code}`,
  aNewPen: 'A new pen',
  whatKind: 'What kind of pen is it?',
  phSide: 'pH side',
  ecSide: 'EC side',
  howItTakesAPoint: 'How it takes a point',
  display: 'Display',
  papers: 'Papers',
  buttonDisplayPapers: 'More: how it takes a point, display, papers',
  keepAsProfile: 'Keep this as a profile of my own',
  keptAsProfile: (title: string) => `${title} is now among the kinds of pens.`,
} as const;
