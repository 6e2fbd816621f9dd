import { makeDemo } from '@/demo';
import { browserStorage } from '@/records/storage/browserStorage';
import { memoryStorage } from '@/records/storage/memory';
import type { StoragePort } from '@/records/storage/port';
import type {
  BookApi,
  BookName,
  Health,
  Moment,
  OnChange,
  OnEarlier,
  RescuedBook,
} from './bookApi';
import { readMarker, writeMarker, type BookMarker } from './bookMarker';
import { keepPracticeRun, practiceRuns } from './practiceRuns';
import { changeDevice, heldDevice, loadDevice, type DeviceSettings } from './device';
import { draftsIn } from './drafts';
import { answerHouse } from './house/answerHouse';
import { HouseCalls } from './house/houseCalls';
import { oneTabAtATime } from './house/oneAtATime';
import { answerBook } from './engine/answerBook';
import { afterOpening } from './afterOpening';
import { askingEarlier } from './askingEarlier';
import { aheadAnswer } from './engine/aheadAnswer';
import { roundPieces } from './engine/roundPieces';
import { erasureOf } from './engine/eraseAnswer';
import { zoneHere } from './moment';
import { inTurns, LongWork, partOf, turn } from './longWork';
import { OpenBook } from './openBook';
import { rescueBook } from './rescue';
import { secondCopyIn } from './secondCopy';
import { DATABASE, type StorageAhead } from './storageAhead';
import type { BookSurroundings } from './surroundings';
import { tabChannel } from './tabChannel';
import { tableDesk } from './intake/tableDesk';
import { UnderWay } from './underWay';

/** Packing waits until the first screens are drawn, ms. */
const HOUSEKEEP_AFTER_MS = 4000;

/** An opening that was left for another one: what it finds is nobody's any more. */
class LeftForAnother extends Error {
  override readonly name = 'LeftForAnother';
}

/** Whether a book has anything in it, without reading it. */
async function hasEntries(port: StoragePort): Promise<boolean> {
  const keys = await port.keys();
  return keys.some((key) => key.startsWith('p/') || key.startsWith('j/'));
}

/** Works out what the Round is made of, a piece at a time, so that its question finds it. */
async function workOutRound(book: OpenBook, nowMs: number): Promise<void> {
  try {
    // That the book is open is told before anything is worked out: the page draws its frame meanwhile.
    await turn();
    await inTurns(roundPieces(book.state, nowMs));
  } catch {
    // Whoever asks for the Round meets what went wrong.
  }
}

/**
 * The book worker: one open book, its drafts and the settings of this device. Where `aheadMs` (now, epoch
 * ms) is given, the book that was last open is opened before anybody asks for it.
 */
export function openWorkerBook(storage: StorageAhead, aheadMs?: number): BookApi {
  const memory = memoryStorage();
  const underWay = new UnderWay();
  let devicePort = storage.device;
  let device: DeviceSettings | undefined;
  let bookName: BookName = 'own';
  let open: OpenBook | undefined;
  let openings = 0;
  let emptied: Health['emptied'] = null;
  let tellChange: OnChange = () => undefined;
  let tellEarlier: OnEarlier = () => undefined;
  /** What went wrong before the page listened. */
  const early: (readonly [about: string, error: unknown])[] = [];
  let tellTrouble = (about: string, error: unknown): void => void early.push([about, error]);
  /** Drafts of the demo and of the grower's own book are kept apart. */
  const draftName = (name: string) => `${bookName}/${name}`;
  const opened = (): OpenBook => {
    if (!open) throw new Error('The book is not open yet.');
    return open;
  };
  const desk = tableDesk(opened);
  // The house serves the app itself: what is exchanged goes where the app came from.
  const houseCalls = new HouseCalls(`${globalThis.location?.origin ?? ''}/exchange`);
  const inBackground = (about: string, work: Promise<unknown>) => {
    work.catch((error: unknown) => tellTrouble(about, error));
  };
  /** Keeps the marker of the own book, and that the own book is the one to open. */
  const mark = (moment: Moment) => {
    if (bookName !== 'own' || opened().state.size === 0) return;
    const marker: BookMarker = {
      count: opened().state.size,
      lastAt: new Date(moment.nowMs).toISOString(),
    };
    inBackground('marker', writeMarker(devicePort, marker));
    if (device?.openBook === 'own') return;
    inBackground(
      'device',
      changeDevice(devicePort, { openBook: 'own' }, moment.nowMs).then((changed) => {
        device = changed;
      }),
    );
  };
  /** Looks whether the own book lost something that is held elsewhere. */
  const lookForLost = async (moment: Moment, hadBook: boolean) => {
    emptied = null;
    if (bookName !== 'own') return;
    const book = opened();
    const { setAside } = book.findings;
    const isEmpty = book.state.size === 0 && setAside.length === 0;
    const marker = isEmpty ? await readMarker(devicePort).catch(() => undefined) : undefined;
    if (isEmpty && (marker || hadBook)) {
      const inCopy = await secondCopyIn(browserStorage('zolder-copy'))
        .unknownTo(() => false)
        .catch(() => []);
      const lastAtMs = marker ? Date.parse(marker.lastAt) : null;
      emptied = { count: marker?.count ?? 0, lastAtMs, inCopy: inCopy.length };
    } else if (!isEmpty && !book.findings.readOnly) {
      // Nobody waits for it: what it brings back is told as a change.
      inBackground('second copy', book.bringBack(moment));
    }
  };
  /** The demo is made once, as packs; two tabs that open it at once find one of them. */
  const furnishDemo = async (moment: Moment) => {
    const book = opened();
    await book.catchUp(moment);
    if (book.state.all('tank').length === 0) await book.appendRevisions(makeDemo(moment), moment);
  };

  /** Where a book lives; what the page listens with is given when it asks. */
  const around = (name: BookName, port: StoragePort, deviceId: string): BookSurroundings => ({
    port,
    channel: tabChannel(DATABASE[name]),
    deviceId,
    initials: () => device?.initials ?? '',
    onChange: (kinds) => tellChange(kinds),
    onTrouble: (about, error) => tellTrouble(about, error),
    letOthersGo: () => underWay.quiet(),
    // The demo is never exchanged, and what lies in memory is gone with the page.
    house:
      name === 'own' && port !== memory
        ? { calls: houseCalls, devicePort, oneAtATime: oneTabAtATime }
        : undefined,
    copy:
      name === 'own' && port !== memory ? secondCopyIn(browserStorage('zolder-copy')) : undefined,
  });
  /**
   * Opens the book that this device last had open, and works out its Round, before the page asks for
   * either: the page is still being read. Undefined on a first visit and where anything is wrong, which
   * is met again when the page asks.
   */
  const openAhead = async (nowMs: number) => {
    const held = await heldDevice(devicePort);
    if (!held?.openBook) return undefined;
    const name = held.openBook;
    const moment = { nowMs, zone: 'UTC' };
    const port = name === 'own' ? storage.own : browserStorage(DATABASE[name]);
    const book = await OpenBook.open(around(name, port, held.deviceId), moment);
    inBackground('the Round ahead', workOutRound(book, nowMs));
    return { name, book, device: held };
  };
  const ahead = aheadMs === undefined ? undefined : openAhead(aheadMs).catch(() => undefined);

  const rescuing = new LongWork();

  const api: BookApi = {
    async open({ start, hadBook, inMemory = false }, asked, onChange, onTrouble, onEarlier) {
      const moment = asked.zone === '' ? { ...asked, zone: zoneHere() } : asked;
      tellChange = onChange;
      tellEarlier = onEarlier;
      tellTrouble = (about, error) =>
        onTrouble(
          about,
          error instanceof Error ? `${error.name}: ${error.message}` : String(error),
        );
      early.splice(0).forEach(([about, error]) => tellTrouble(about, error));
      // A storage that answers after the grower went on without it takes nothing over.
      openings += 1;
      const mine = openings;
      const found = async <T>(what: Promise<T>): Promise<T> => {
        const answer = await what;
        if (mine !== openings) throw new LeftForAnother('another opening was begun');
        return answer;
      };
      const opening = inMemory ? undefined : await found(ahead ?? Promise.resolve(undefined));
      if (inMemory) devicePort = memory;
      device = opening?.device ?? (await found(loadDevice(devicePort, moment.nowMs)));
      const ownPort = inMemory ? memory : browserStorage(DATABASE.own);
      // A book that was begun is the one that opens, however the server was started.
      bookName = device.openBook ?? ((await found(hasEntries(ownPort))) || hadBook ? 'own' : start);
      const port = inMemory || bookName === 'own' ? ownPort : browserStorage(DATABASE[bookName]);
      const isThere = opening?.name === bookName;
      open = isThere
        ? opening.book
        : await found(OpenBook.open(around(bookName, port, device.deviceId), moment));
      // What another tab wrote since is told as a change.
      if (isThere) inBackground('catching up', open.catchUp(moment));
      if (bookName === 'demo') await found(furnishDemo(moment));
      await found(lookForLost(moment, hadBook));
      mark(moment);
      const book = open;
      setTimeout(() => inBackground('packing', book.settleIn(moment.nowMs)), HOUSEKEEP_AFTER_MS);
      return { book: bookName, device, lasting: !inMemory };
    },
    async append(changes, moment, actId) {
      const done = await opened().append(changes, { ...moment, actId });
      emptied = null;
      mark(moment);
      return done;
    },
    undo: (actId, moment) => opened().undo(actId, moment),
    async setDevice(patch, { nowMs }) {
      device = await changeDevice(devicePort, patch, nowMs);
      return device;
    },
    async chooseBook(book, { nowMs }) {
      await changeDevice(devicePort, { openBook: book }, nowMs);
    },
    catchUp: (moment) => opened().catchUp(moment),
    async health(nowMs) {
      const book = opened();
      book.setNow(nowMs);
      const ahead = aheadAnswer(book.state, device?.deviceId ?? '');
      const spoiled = [...book.state.spoiled.keys()];
      return { ...book.findings, ahead, emptied, spoiled, size: book.state.size };
    },
    erase: (wish, moment, actId) =>
      opened().erase(erasureOf(opened().state, wish, moment.nowMs), { ...moment, actId }),
    correctClock: (shiftMs, moment, actId) => opened().correctClock(shiftMs, { ...moment, actId }),
    async bringBack(moment) {
      const count = await opened().bringBack(moment);
      emptied = null;
      mark(moment);
      return count;
    },
    async beginAnew() {
      // Else the next opening would bring the old book's last month back.
      await secondCopyIn(browserStorage('zolder-copy')).forget();
      await writeMarker(devicePort);
      emptied = null;
    },
    loadDraft: (name, nowMs) => draftsIn(devicePort).load(draftName(name), nowMs),
    keepDraft: (name, text, nowMs) => draftsIn(devicePort).keep(draftName(name), text, nowMs),
    practiceRuns: () => practiceRuns(devicePort),
    keepPracticeRun: (run) => keepPracticeRun(devicePort, run),
    exportBook: (onShare) => opened().files.make(onShare),
    async stopFile() {
      rescuing.stop();
      open?.files.stop();
    },
    rescue: (onShare) =>
      rescuing.go(onShare, async (step) => {
        const found: RescuedBook[] = [];
        const books = ['own', 'demo'] as const;
        for (const [at, book] of books.entries()) {
          const within = partOf(step, (share) => (at + share) / books.length);
          const rescued = await rescueBook(book, browserStorage(DATABASE[book]), within);
          if (rescued) found.push(rescued);
        }
        return found;
      }),
    openFile: (file, onShare) => opened().files.open(file, onShare),
    async takeFile(moment, onShare) {
      const taken = await opened().files.take(moment, onShare);
      emptied = null;
      mark(moment);
      return taken;
    },
    resolve: (choices, moment, actId) => opened().resolve(choices, { ...moment, actId }),
    ...desk,
    async takeTable(moment, actId, onShare) {
      const taken = await desk.takeTable(moment, actId, onShare);
      emptied = null;
      mark(moment);
      return taken;
    },
    ...answerHouse(() => opened().house),
    ...answerBook(
      () => opened().state,
      (nowMs) => opened().setNow(nowMs),
      () => ({ own: bookName === 'own', lastCopyMs: device?.lastCopyMs }),
    ),
  };
  // Who waits for earlier months holds up nothing: only what is answered is counted.
  const counted = underWay.counted(api);
  return afterOpening(askingEarlier(counted, () => opened().whole((share) => tellEarlier(share))));
}
