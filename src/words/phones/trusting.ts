/** How a device is taught to trust a house: said by the page that helps, and by Settings. */
export const trustingSays = {
  title: 'Zolder on your phone',
  lead: 'Once per phone: let it trust this computer. Then Zolder opens without a warning, is installed, and works without the network.',
  addressIs: 'Zolder is at',
  alwaysThis: 'Always open it at this address: every other address has a book of its own.',
  scan: 'Scan this with the phone. It opens this page there.',
  waiting: 'This device does not trust the house yet.',
  waitingHint: 'Follow the steps below. This page looks again by itself.',
  trusted: 'This device trusts the house.',
  trustedHint: 'Open Zolder, then install it from Settings → Phones.',
  notFound: (host: string) => `This device does not find ${host} on its network.`,
  notFoundHint:
    'Is it on the same network? If it is, stop Zolder on the computer and start it with: npm start -- --phones --by-number',
  sameNetwork: 'Bring it onto the same network as the computer.',
  looking: 'Looking whether this device trusts the house.',
  open: 'Open Zolder',
  getFile: 'Get the trust file',
  oldBook: 'A book was begun at this old address.',
  oldBookHint:
    'It stays here and does not move by itself. Save it as a file first; in Zolder, Settings → Move or keep the book takes it in.',
  saveOldBook: 'Save the old book',
  oldBookSaved: 'The old book was saved from here. Take the file in at the new address.',
  stepsFor: 'Which device is it?',
  caution: 'Before you trust',
  cautions: [
    'Get the file in your own network only, from this page. A file from anybody else would let them read along.',
    'Compare its fingerprint with the one in the window of the computer:',
  ],
  reach:
    'This trust reaches addresses of private networks only, never a site of the internet. It is removed where it was installed.',
  withoutScript: 'This page looks by itself only with JavaScript. The steps work without.',
} as const;

/** A kind of device, by what one sees on it. */
interface DeviceKind {
  readonly id: 'profile' | 'store' | 'computer';
  /** What tells it: read on the device itself. */
  readonly name: string;
  /** The file it wants, and what it is called there. */
  readonly file: string;
  readonly steps: readonly string[];
}

/** The two large families of phones, and computers. */
export const DEVICE_KINDS: readonly DeviceKind[] = [
  {
    id: 'profile',
    name: 'Phone or tablet with “General” in its Settings',
    file: 'zolder-house.mobileconfig',
    steps: [
      'Open this page in the browser that came with the phone. Others cannot install the file.',
      'Press “Get the trust file” and allow it.',
      'Open Settings, press “Profile Downloaded” near the top, then Install.',
      'Now the second switch, without which nothing works: Settings → General → About → Certificate Trust Settings. Switch on “Zolder house”.',
      'Come back to this page.',
      'In Zolder: put it on the home screen before you write anything. The installed app has a book of its own.',
    ],
  },
  {
    id: 'store',
    name: 'Phone or tablet with “Security” in its Settings',
    file: 'zolder-house.crt',
    steps: [
      'The phone needs a screen lock: a code, a pattern or a finger.',
      'Press “Get the trust file”. It goes to your downloads.',
      'Open Settings and search for “CA certificate”. It stands under Security → Encryption & credentials → Install a certificate.',
      'Press CA certificate, then Install anyway, and choose zolder-house.crt.',
      'Come back to this page.',
    ],
  },
  {
    id: 'computer',
    name: 'Computer',
    file: 'zolder-house.crt',
    steps: [
      'Press “Get the trust file” and open it.',
      'Put it among the trusted root authorities, or into the keychain, marked “Always Trust”.',
      'A browser with a list of its own: Settings → Privacy and security → Certificates → Authorities → Import, for websites.',
      'Come back to this page. Some browsers must be closed and opened once.',
    ],
  },
];
