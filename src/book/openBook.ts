import { answer, type Result } from '@/core/result';
import {
  hybridClock,
  writeChange,
  type ActId,
  type Change,
  type RecordId,
  type RevId,
  type Revision,
  type Writer,
} from '@/records';
import type { Erasure } from '@/records/kinds';
import {
  BookStore,
  PACK_AT_ONCE,
  type FoundInPacks,
  type AppendedFrom,
} from '@/records/storage/bookStore';
import type { Pace } from '@/records/storage/pace';
import type { Appended, Choice, Moment, OnEarlier } from './bookApi';
import { correctedClock } from './correctClock';
import { BookState } from './engine/bookState';
import { retried } from './askingEarlier';
import { EarlierMonths, toldOf } from './earlierMonths';
import { Erasing, thinning } from './erasing';
import { FileDesk } from './fileDesk';
import { findingsOf, holesOf, NO_FINDINGS, withFound, type Findings } from './findings';
import { HouseDesk } from './house/houseDesk';
import { inverseOf } from './inverse';
import { withoutErased } from './withoutErased';
import { ErasedTime, ReadOnlyBook } from './refusedWrites';
import { resolvingChanges } from './resolving';
import { writerAt, type ActMoment, type BookSurroundings, type HouseWays } from './surroundings';

/** Journal entries that are worth packing. */
const COMPACT_FROM = 64;

/** An open book: state in memory, journal in storage, other tabs told of every act. */
export class OpenBook {
  readonly state = new BookState();
  findings: Findings = NO_FINDINGS;
  /** The book as a file. */
  readonly files: FileDesk;
  /** The exchange with the house; a demo has none. */
  readonly house: HouseDesk | undefined;
  private readonly clock = hybridClock();
  private readonly store: BookStore;
  private readonly erasing: Erasing;
  private readonly earlier: EarlierMonths;
  private journalLength = 0;
  private olderPacks: readonly string[] = [];
  /** Acts on their way into storage, by id: the same one waits for the first. */
  private readonly underWay = new Map<ActId, Promise<Appended>>();

  private constructor(
    private readonly around: BookSurroundings,
    moment: Moment,
  ) {
    this.state.setNow(moment.nowMs);
    this.state.onSpoiled = (about, error) => {
      around.onTrouble(`numbers of ${about}`, error);
      around.onChange([]);
    };
    this.store = new BookStore(around.port, this.clock.makeId(moment.nowMs));
    this.erasing = new Erasing(this.state, this.store);
    this.earlier = new EarlierMonths(this.state, this.store, this.found, around.letOthersGo);
    this.files = new FileDesk({
      state: this.state,
      store: this.store,
      erasures: () => this.erasing.erasures(),
      whole: () => this.whole(),
      take: (revisions) => this.take(revisions),
      append: (revisions, moment, pace) => this.appendRevisions(revisions, moment, { pace }),
    });
    this.house = around.house && this.houseDesk(around.house);
    around.channel.onMessage((revisions) => this.take(revisions));
  }

  private houseDesk(ways: HouseWays): HouseDesk {
    const { port, deviceId, onTrouble } = this.around;
    const book = {
      state: this.state,
      erasures: () => this.erasing.erasures(),
      whole: () => this.whole(),
      holes: () => holesOf(this.findings),
      takeFromHouse: (revisions: readonly Revision[], nowMs: number) =>
        this.appendRevisions(revisions, { nowMs }, { fromHouse: true }),
      onTrouble,
    };
    return new HouseDesk({ ...ways, book, port, deviceId });
  }

  /** Reads the book from storage and listens to the other tabs. Nothing is packed on this way. */
  static async open(around: BookSurroundings, moment: Moment): Promise<OpenBook> {
    const book = new OpenBook(around, moment);
    await book.reload(moment, true);
    if (book.state.left.isTorn) await book.whole();
    return book;
  }

  private async reload({ nowMs }: Moment, isFirst = false): Promise<void> {
    let loaded = await this.store.load({ whole: !isFirst });
    const told = loaded.earlier && toldOf(loaded);
    if (loaded.earlier && told) {
      this.earlier.leave(loaded.earlier, told);
      this.clock.observe(told.lastRevId, nowMs);
    } else if (loaded.earlier) loaded = await this.store.load({ whole: true });
    this.journalLength = loaded.journalLength;
    this.olderPacks = loaded.olderPacks;
    this.findings = { ...findingsOf(loaded), broughtBack: this.findings.broughtBack };
    for (const { revId } of loaded.revisions) this.clock.observe(revId, nowMs);
    this.take(loaded.revisions);
  }

  /**
   * Brings the readings of earlier months that the opening left; at once where everything is here.
   * `onShare` hears how far it is, and null once it is over.
   */
  whole(onShare?: OnEarlier): Promise<void> {
    return this.earlier.come(onShare);
  }

  private readonly found = (found: FoundInPacks): void => {
    this.olderPacks = [...this.olderPacks, ...found.olderPacks];
    this.findings = withFound(this.findings, found);
    const erased = this.erasing.letGoAmong(found.revisions);
    if (erased.size + found.setAside.length + found.missing.length > 0)
      this.around.onChange([...erased]);
  };

  private take(revisions: readonly Revision[]): void {
    const kinds = new Set(this.state.apply(revisions));
    const settle = () => {
      for (const kind of this.erasing.letGoAmong(revisions)) kinds.add(kind);
      if (kinds.size > 0) this.around.onChange([...kinds]);
    };
    if (!this.state.left.isTorn) settle();
    // Nothing may be told before what it builds on is here.
    else this.whole().then(settle, (error) => this.around.onTrouble('earlier readings', error));
  }

  /**
   * Lets go for good of what an erasure names, as one act: storage is written without it and the
   * erasure with it, in one transaction; then it is told to the other tabs. Answers how many records.
   */
  async erase(erasure: Erasure, moment: ActMoment, recordId?: RecordId): Promise<number> {
    this.setNow(moment.nowMs);
    await this.whole();
    if (this.findings.readOnly) throw new ReadOnlyBook('written by a newer version');
    const known = moment.actId === undefined ? [] : this.state.actOf(moment.actId);
    const [told] = known;
    if (told) return (told.body as Erasure).count;
    const parents = recordId ? this.state.headIds(recordId) : [];
    const write = (count: number) =>
      writeChange(
        { kind: 'erasure', recordId, parents, body: { ...erasure, count } },
        this.writer(moment),
      );
    const { stored, gone, revIds } = await this.erasing.erase(erasure, write, moment.nowMs);
    this.journalLength += stored.length;
    this.take(stored);
    this.erasing.cleaned(gone);
    this.around.channel.post(stored);
    // It is erased: a copy that keeps it a while brings nothing of it back.
    await this.around.copy
      ?.letGo(revIds)
      .catch((error: unknown) => this.around.onTrouble('second copy', error));
    return gone.size;
  }

  /** Lets go of the steps of sittings that ended a month ago: their checks are in the book. */
  private async thin(nowMs: number): Promise<void> {
    const erasure = thinning(nowMs);
    if (this.erasing.goneBy(erasure).size === 0) return;
    // One record for each device: two of them never contradict each other.
    const recordId = `erasure-thinned-${this.around.deviceId}`;
    await this.erase(erasure, { nowMs, zone: 'UTC' }, recordId);
  }

  private writer(moment: ActMoment): Writer {
    return writerAt(moment, { ...this.around, makeId: this.clock.makeId });
  }

  /** Tells the book what time it is on the page; answers may change by it. */
  setNow(nowMs: number): void {
    const kinds = this.state.setNow(nowMs);
    if (kinds.size > 0) this.around.onChange([...kinds]);
  }

  /**
   * Writes changes as one act: committed to storage first, then shown here, then told to others. An
   * act that is known, or under way, is not written again. `pace` hears how far a large one is.
   */
  append(changes: readonly Change[], moment: ActMoment, pace?: Pace): Promise<Appended> {
    const { actId } = moment;
    if (actId === undefined) return this.write(changes, moment, pace);
    const known = this.state.actOf(actId);
    if (known.length > 0) {
      const recordIds = [...new Set(known.map(({ recordId }) => recordId))];
      return Promise.resolve({ recordIds });
    }
    const going = this.underWay.get(actId);
    if (going) return going;
    const act = this.write(changes, moment, pace).finally(() => this.underWay.delete(actId));
    this.underWay.set(actId, act);
    return act;
  }

  private async write(
    changes: readonly Change[],
    moment: ActMoment,
    pace?: Pace,
  ): Promise<Appended> {
    this.setNow(moment.nowMs);
    const writer = this.writer(moment);
    const written = changes.map((change) => {
      const parents =
        change.parents ?? (change.recordId ? this.state.headIds(change.recordId) : []);
      return writeChange({ ...change, parents }, writer);
    });
    const made = written.flat().filter(({ parents }) => parents.length === 0);
    if (withoutErased(made, this.erasing.erasures()).length < made.length)
      throw new ErasedTime('what happened then was erased for good');
    await this.appendRevisions(written.flat(), moment, { pace });
    return { recordIds: written.map(([first]) => first!.recordId) };
  }

  /** Writes revisions made elsewhere (the demo, an import, the house) as one act. */
  async appendRevisions(
    revisions: readonly Revision[],
    { nowMs }: Pick<Moment, 'nowMs'>,
    from: AppendedFrom = {},
  ): Promise<void> {
    if (this.findings.readOnly) throw new ReadOnlyBook('written by a newer version');
    const stored = await this.store.append(revisions, from);
    for (const { revId } of stored) this.clock.observe(revId, nowMs);
    const isPacked = stored.length >= PACK_AT_ONCE;
    if (!isPacked) this.journalLength += stored.length;
    this.take(stored);
    this.around.channel.post(stored);
    // A large import is not copied: the file it came from is its copy.
    if (!isPacked)
      this.around.copy
        ?.keep(stored)
        .catch((error: unknown) => this.around.onTrouble('second copy', error));
    await this.erasing.clean(nowMs);
    if (this.journalLength >= 2 * COMPACT_FROM) await this.housekeep(nowMs);
  }

  /**
   * Packs what waits in the journal and writes packs of an older schema anew. Never on the way of an
   * opening; when it fails it is tried again another time, and nothing else changes.
   */
  async housekeep(nowMs: number): Promise<void> {
    try {
      if (this.findings.readOnly) return;
      await this.erasing.clean(nowMs);
      await this.thin(nowMs);
      if (this.journalLength >= COMPACT_FROM) {
        this.journalLength = 0;
        await this.store.compact();
      }
      await this.store.upgrade(this.olderPacks);
      this.olderPacks = [];
      await this.earlier.keep(this.findings, nowMs);
      await this.around.copy?.prune(nowMs);
    } catch (error) {
      this.around.onTrouble('packing', error);
    }
  }

  /** Reads what the opening left, while nobody waits for it, and makes the next opening know of it. */
  async settleIn(nowMs: number): Promise<void> {
    await this.housekeep(nowMs);
    await this.earlier.comeUnasked();
    await this.earlier.keep(this.findings, nowMs);
  }

  /** Takes back one act, as long as nothing was changed since. */
  async undo(actId: ActId, moment: Moment): Promise<Result<null, { reason: 'changedSince' }>> {
    // Of an old act, such as a table taken in, some may have been left.
    if (this.state.left.mayBeLeft(actId)) await this.whole();
    const changes = inverseOf(this.state, actId);
    if (!changes.ok) return changes;
    if (changes.value.length > 0) await this.write(changes.value, moment);
    return answer(null);
  }

  /** Moves everything that is ahead of now by so much, as one act: a clock was wrong. */
  async correctClock(shiftMs: number, moment: ActMoment): Promise<Appended> {
    this.setNow(moment.nowMs);
    return this.append(correctedClock(this.state, { shiftMs, nowMs: moment.nowMs }), moment);
  }

  /** Entries of the second copy that the book lacks; they are sound, so they are taken back. */
  async bringBack(moment: Moment): Promise<number> {
    const isKnown = (id: RevId) => this.state.recordOf(id) !== undefined;
    const lost = await retried(
      () => this.around.copy?.unknownTo(isKnown),
      () => this.whole(),
    );
    const back = lost && withoutErased(lost, this.erasing.erasures());
    if (!back || back.length === 0) return 0;
    await this.appendRevisions(back, moment);
    this.findings = { ...this.findings, broughtBack: this.findings.broughtBack + back.length };
    return back.length;
  }

  /** Ends conflicts: a third revision with all heads as parents says what the chosen one says. */
  async resolve(choices: readonly Choice[], moment: ActMoment): Promise<void> {
    const changes = resolvingChanges(this.state, choices);
    if (changes.length > 0) await this.append(changes, moment);
  }

  /** Takes in what another tab wrote while this one slept. */
  async catchUp(moment: Moment): Promise<void> {
    this.setNow(moment.nowMs);
    if (!(await this.store.isBehind())) return;
    await this.whole();
    await this.reload(moment);
  }
}
