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
