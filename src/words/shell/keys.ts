/** The list of keys. */
export const keysSays = {
  keys: 'Keys',
  saveKey: 'Ctrl or ⌘ + Enter',
  offWhileTyping: 'Single keys are off while you type.',
  switchOff: 'Switch single keys off',
  switchOn: 'Switch single keys on',
} as const;

/** What a key does. */
export const KEY_DOES = {
  read: 'Read: a tank',
  check: 'Check: the pen shown',
  dose: 'Dose: the tank shown',
  add: 'New here',
  find: 'Find',
  why: 'Why: the ± shown',
  keys: 'This list of keys',
  save: 'Save',
  back: 'Back',
} as const;
