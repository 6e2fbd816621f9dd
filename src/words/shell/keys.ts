/** The list of keys. */
export const keysSays = {
  keys: 'Keys',
  back: 'Back',
  save: 'Save',
  saveKey: 'Ctrl or ⌘ + Enter',
  offWhileTyping: 'Single keys are off while you type.',
  switchOff: 'Switch single keys off',
  switchOn: 'Switch single keys on',
} as const;
