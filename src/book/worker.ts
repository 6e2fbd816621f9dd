import { expose } from 'comlink';
import { z } from 'zod';
import { makeDemo } from '@/demo';
import { writeBundle } from '@/interchange/bundle';
import { parseRevision, type Revision } from '@/records';
import { browserStorage } from '@/records/storage/asyncStorage';
import type { RunLocked } from '@/records/storage/compact';
import type { BookApi, BookName } from './bookApi';
import { changeDevice, loadDevice, type DeviceSettings } from './device';
import { draftsIn } from './drafts';
import { answerBook } from './engine/answerBook';
import { OpenBook, type TabChannel } from './openBook';

// The Content-Security-Policy forbids eval; zod would probe for it.
z.config({ jitless: true });

const DATABASE: Record<BookName, string> = { own: 'zolder', demo: 'zolder-demo' };
const deviceStorage = browserStorage('zolder-device');

/** Runs work while no other tab may. */
function lockNamed(name: string): RunLocked {
  return async (work) => {
    await navigator.locks.request(name, work);
  };
}

/** Tells other tabs of the same book; what they tell is parsed before it is taken. */
function tabChannel(name: string): TabChannel {
  const channel = new BroadcastChannel(name);
  return {
    post: (revisions) => channel.postMessage(revisions),
    onMessage(listener) {
      channel.onmessage = ({ data }: MessageEvent<unknown>) => {
        const parsed = (Array.isArray(data) ? data : []).map(parseRevision);
        listener(parsed.flatMap((result): Revision[] => (result.ok ? [result.revision] : [])));
      };
    },
  };
}

const drafts = draftsIn(deviceStorage);
/** Drafts of the demo and of the grower's own book are kept apart. */
let bookName: BookName = 'own';
const draftName = (name: string) => `${bookName}/${name}`;

let device: DeviceSettings | undefined;
let open: OpenBook | undefined;

function opened(): OpenBook {
  if (!open) throw new Error('The book is not open yet.');
  return open;
}

const api: BookApi = {
  async open(start, moment, onChange) {
    const settings = await loadDevice(deviceStorage, moment.nowMs);
    device = settings;
    const book = settings.openBook ?? start;
    const database = DATABASE[book];
    bookName = book;
    open = await OpenBook.open({
      port: browserStorage(database),
      channel: tabChannel(database),
      runLocked: lockNamed(`${database}-packing`),
      deviceId: settings.deviceId,
      initials: () => device?.initials ?? '',
      onChange,
    });
    if (book === 'demo') {
      const { state } = open;
      await lockNamed('zolder-demo-making')(async () => {
        await opened().catchUp();
        if (state.all('tank').length === 0) await opened().appendRevisions(makeDemo(moment));
      });
    }
    return { book, device: settings, damaged: open.damaged };
  },
  append: (changes, moment) => opened().append(changes, moment),
  async setDevice(patch) {
    device = await changeDevice(deviceStorage, lockNamed('zolder-device'), patch);
    return device;
  },
  async chooseBook(book) {
    await changeDevice(deviceStorage, lockNamed('zolder-device'), { openBook: book });
  },
  catchUp: () => opened().catchUp(),
  loadDraft: (name, nowMs) => drafts.load(draftName(name), nowMs),
  keepDraft: (name, text, nowMs) => drafts.keep(draftName(name), text, nowMs),
  exportBook: async () => writeBundle(opened().state.revisions()),
  openFile: async (text) => opened().openFile(text),
  takeFile: () => opened().takeFile(),
  resolve: (choices, moment) => opened().resolve(choices, moment),
  ...answerBook(() => opened().state),
};

expose(api);
