/** What the house's computer says of the exchange, in its window and on the page that helps. */
export const pairingSays = {
  title: 'One book on several phones',
  off: 'Off. Each phone has a book of its own.',
  offHint:
    'Switched on, paired phones swap their entries through this computer. Nothing leaves the house.',
  turnOn: 'Switch the exchange on',
  turnOff: 'Switch the exchange off',
  code: 'Code for one phone',
  codeHint:
    'Scan it with the phone, or type it there under Settings → Together. It holds for five minutes and once.',
  locked: 'Five wrong codes came. A new code is shown in a minute.',
  keep: 'Only this computer sees the code. Show it to nobody who is not of the house.',
  /** In the window of the computer. */
  inWindow: (code: string) => `Code to pair a phone, for five minutes and once: ${code}`,
  another: 'Press Enter for a new code.',
  folder: (path: string) => `What the phones swap is kept in ${path}.`,
} as const;
