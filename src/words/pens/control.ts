import { judgeControl } from '@/core/procedure';

/** The check standard. */
export const controlSays = {
  loadingTheControl: 'Loading the control',
  valueShown: 'value the pen shows',
  writeItDown: 'Write it down',
  title: (code: string) => `House control · ${code}`,
  theControlsValue: 'Its value',
  aBufferOfASecondLot:
    'A buffer of a second lot, so that a spoilt bottle is noticed too. It warns; it never corrects and is never a calibration point.',
  shouldBe: 'Should be',
  shown: 'Shown',
  error: 'Error',
} as const;

/** What the check standard says: the newest error against the ones before, oldest first, pH. */
export function controlSentence(errors: readonly number[], number: (value: number) => string) {
  const found = judgeControl(errors);
  if (found.kind === 'none') return 'Not read yet. A buffer of a second lot, kept for this alone.';
  const { error } = found;
  const side = `${number(Math.abs(error))} pH ${error < 0 ? 'low' : 'high'} in the control`;
  switch (found.kind) {
    case 'tooFew':
      return `${side}. From five readings on it is compared.`;
    case 'moved':
      return `${side}: it moved from its usual ${number(found.mean)} pH. The pen or the control: check it in its buffers.`;
    case 'usual':
      return `${side}, as usual (${number(found.mean)} ± ${number(2 * found.spread)} pH).`;
  }
}
