import type { Told } from '../told';

/** The look-back over readings. */
export const lookBackSays = {
  title: (penCode: string) => `Look-back · ${penCode}`,
  oneKeeps: '1 keeps its verdict.',
  keepTheirs: (kept: number) => `${kept} keep their verdict.`,
  onlyThoseThatChange: 'Only those that change',
  showAll: 'Show all',
  thenVerdict: (wordThen: string) => `then: ${wordThen}`,
  nowAndThen: ({
    now,
    unit,
    verdict,
    then,
    thenVerdict,
  }: Told<'now' | 'unit' | 'verdict' | 'then' | 'thenVerdict'>) =>
    `${now} ${unit}, ${verdict}; it was taken for ${then}, ${thenVerdict}.`,
  toThePen: 'To the pen',
  lookingBack: 'Looking back',
  nothingToLookBackOnYet: 'Nothing to look back on yet.',
  needsAsFound:
    'A look-back needs a check that read the pen as found, before anything was cleaned or adjusted, and readings before it.',
  dosesFirst:
    'Doses poured on a wrong number first: they cost something. Then the readings that change.',
} as const;
