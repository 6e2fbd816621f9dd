import type { Kind, Revision } from '@/records';
import { memoryStorage } from '@/records/storage/memory';
import type { StoragePort } from '@/records/storage/port';
import type { Moment } from '../bookApi';
import { OpenBook } from '../openBook';
import { secondCopyIn } from '../secondCopy';
import type { TabChannel } from '../surroundings';

/** A moment for acts of tests. */
export const MOMENT: Moment = { nowMs: Date.UTC(2026, 4, 1), zone: 'Europe/Lisbon' };

interface OpenOptions {
  readonly onChange?: (kinds: readonly Kind[]) => void;
  readonly at?: StoragePort;
  readonly moment?: Moment;
  readonly letOthersGo?: () => Promise<void>;
}

/** One browser with any number of tabs: one storage, one channel, one second copy. */
export function testBrowser() {
  const held = new Map<string, unknown>();
  const port = memoryStorage(held);
  const copyHeld = new Map<string, unknown>();
  const copy = secondCopyIn(memoryStorage(copyHeld));
  const listeners: ((revisions: readonly Revision[]) => void)[] = [];
  const troubles: string[] = [];
  let muted = false;
  const channel = (): TabChannel => {
    let mine: ((revisions: readonly Revision[]) => void) | undefined;
    return {
      post: (revisions) => {
        if (!muted)
          listeners.filter((listener) => listener !== mine).forEach((tell) => tell(revisions));
      },
      onMessage: (listener) => {
        mine = listener;
        listeners.push(listener);
      },
    };
  };
  const open = ({
    onChange = () => undefined,
    at = port,
    moment = MOMENT,
    letOthersGo,
  }: OpenOptions = {}) =>
    OpenBook.open(
      {
        port: at,
        channel: channel(),
        deviceId: 'phone',
        initials: () => 'LV',
        onChange,
        onTrouble: (about) => troubles.push(about),
        copy,
        letOthersGo,
      },
      moment,
    );
  return { open, port, held, copy, copyHeld, troubles, mute: () => (muted = true) };
}
