/** Settings → Phones, the offer to install, and a book begun at an old address. */
export const phonesSays = {
  title: 'Phones',
  thisDevice: 'This device',
  otherPhones: 'Other phones',
  installed: 'Zolder is installed here and has a place of its own.',
  ready: 'Ready to be used without network: all of Zolder is kept on this device.',
  keeping: 'Zolder is being kept for use without network. Leave this page open for a moment.',
  cannotKeep:
    'At this address the browser keeps nothing for use without network: that needs a secure address (HTTPS).',
  refused:
    'The browser keeps nothing for use without network: it blocks that, or this page was opened against its warning. The page that helps shows how to trust the house.',
  install: 'Install Zolder',
  installHint: 'It then opens from the home screen, with or without network.',
  notNow: 'Not now',
  offer: 'Install Zolder on this device?',
  byMenu: 'To install it, look in the browser’s menu for “Install” or “Add to Home Screen”.',
  ownStorageTitle: 'First onto the home screen, then write',
  ownStorage:
    'On this kind of phone the installed app has a book of its own. What you write in the browser does not move there.',
  ownStorageSteps: [
    'Press Share, below or above this page.',
    'Choose “Add to Home Screen”.',
    'Open Zolder from there and begin.',
  ],
  takeAlong:
    'A book begun in the browser is taken along as a file: save it here, take it in there.',
  saveTheBook: 'Move or keep the book',
  scanHelp: 'Scan this with the other phone. A page opens that helps it, once.',
  scanHere:
    'Scan this with the other phone: Zolder opens there. Every phone has a book of its own.',
  zolderIsAt: (address: string) => `Zolder is at ${address}. A book belongs to that address.`,
  helpIsAt: 'The page that helps:',
  fingerprint: 'Fingerprint of the house, to compare before trusting:',
  leftOut: (names: string) =>
    `Left out of its certificate, being outside of private networks: ${names}.`,
  before: (host: string) =>
    `This computer was ${host} before. Apps installed from there go on with their own book; take it along as a file.`,
  startPhones:
    'This Zolder serves one computer, or plain HTTP. For phones, stop it there and start it with:',
  startCommand: 'npm start -- --phones',
  noHouse:
    'The computer that serves Zolder does not answer now. Its address is shown when it does.',
  looking: 'Looking for the computer that serves Zolder',
  qr: (address: string) => `Code to scan for ${address}`,
} as const;

/** The page that saves a book begun at an old address. */
export const takeAlongSays = {
  title: 'Take the old book along',
  lead: 'This address is no longer used for writing. Save its book as a file, then take the file in at the new address.',
  save: 'Save the book as a file',
  then: 'Then open Zolder at the new address: Settings → Move or keep the book → the file.',
  open: (address: string) => `Open ${address}`,
  back: 'Back to the page that helps',
} as const;
