import { answer, refuse, type Result } from '@/core/result';
import type { HouseDevice } from '@/interchange/exchange';
import type { StoragePort } from '@/records/storage/port';
import { countWaiting } from '@/records/storage/waiting';
import type { ExchangedBook } from './exchangedBook';
import { readUnread, takeArrivals } from './fetching';
import type { HouseCalls, HouseTrouble } from './houseCalls';
import { beginHouse, changeHouse, leaveHouse, readHouse, UNREAD_PREFIX } from './houseState';
import { NO_HOUSE, type HouseStatus } from './houseStatus';
import { forgetToken, keepToken, readToken, type HouseToken } from './houseToken';
import { sendWaiting } from './sending';
import type { DeviceId } from '@/records';

/** Runs work while no other tab of this book does. */
export type OneAtATime = <T>(work: () => Promise<T>) => Promise<T>;

interface Around {
  readonly book: ExchangedBook;
  readonly port: StoragePort;
  /** Where the settings of this device lie, and its token. */
  readonly devicePort: StoragePort;
  readonly deviceId: DeviceId;
  readonly calls: HouseCalls;
  readonly oneAtATime: OneAtATime;
}

/** A book's exchange with its house: pairing, meeting, leaving. */
export class HouseDesk {
  private trouble: HouseTrouble | null = null;
  private meeting: Promise<void> | undefined;
  private again = false;

  constructor(private readonly around: Around) {}

  /** How this device stands with its house. */
  async status(): Promise<HouseStatus> {
    const { port } = this.around;
    const state = await readHouse(port);
    if (!state) return NO_HOUSE;
    const unread = await port.inOneGo('read', (within) => within.keys(UNREAD_PREFIX));
    const { lastMetMs, refused, damaged } = state;
    const waiting = await countWaiting(port);
    const { trouble } = this;
    return { paired: true, lastMetMs, waiting, trouble, unread: unread.length, refused, damaged };
  }

  /** Pairs this device by the code that the computer shows; from then on the book is exchanged. */
  async pair(code: string, name: string): Promise<Result<null, HouseTrouble>> {
    const { calls, deviceId, devicePort, port } = this.around;
    const paired = await calls.pair({ code, name, device: deviceId });
    if (!paired.ok) return paired;
    await keepToken(devicePort, paired.value);
    this.trouble = null;
    await beginHouse(port);
    return answer(null);
  }

  /**
   * Exchanges no longer: the house forgets this device, and the book stays as it is. Answers why the house
   * was not told, where it was not: its list then still holds this device.
   */
  async leave(): Promise<Result<null, HouseTrouble>> {
    const { calls, devicePort, port } = this.around;
    const token = await readToken(devicePort);
    const told = token ? await calls.revoke(token.token, token.id) : refuse('nobody' as const);
    await leaveHouse(port);
    await forgetToken(devicePort);
    this.trouble = null;
    return told;
  }

  async devices(): Promise<Result<readonly HouseDevice[], HouseTrouble>> {
    const token = await readToken(this.around.devicePort);
    return token ? this.around.calls.devices(token.token) : refuse('nobody');
  }

  /** Takes another device off the house's list. */
  async revoke(id: string): Promise<Result<null, HouseTrouble>> {
    const token = await readToken(this.around.devicePort);
    return token ? this.around.calls.revoke(token.token, id) : refuse('nobody');
  }

  /**
   * Meets the house: fetches what came, tells what waits. Where a meeting is under way, one more comes
   * after it: something may have been written since it began.
   */
  async meet(nowMs: number): Promise<HouseStatus> {
    if (this.meeting) {
      this.again = true;
      await this.meeting;
    } else {
      this.meeting = this.meetAll(nowMs).finally(() => (this.meeting = undefined));
      await this.meeting;
    }
    return this.status();
  }

  private async meetAll(nowMs: number): Promise<void> {
    do {
      this.again = false;
      if (!(await readHouse(this.around.port))) return;
      try {
        await this.around.oneAtATime(() => this.meetOnce(nowMs));
      } catch (error) {
        // What came is fetched again; what waits goes on waiting.
        this.trouble = 'here';
        this.around.book.onTrouble('house', error);
      }
    } while (this.again && this.trouble === null);
  }

  private async meetOnce(nowMs: number): Promise<void> {
    const { book, port, devicePort } = this.around;
    const token = await readToken(devicePort);
    await this.fetchWhatIsLost();
    const met = token ? await this.exchange(token, nowMs) : refuse('nobody' as const);
    this.trouble = met.ok ? null : met.refusal;
    if (!met.ok) return;
    await readUnread(book, port, nowMs);
    await changeHouse(port, () => ({ lastMetMs: nowMs }));
  }

  /** Where storage lost something since, all is fetched once more: the house may have it. */
  private async fetchWhatIsLost(): Promise<void> {
    const { book, port } = this.around;
    const holes = book.holes();
    const state = await readHouse(port);
    if (!state || state.holes === holes) return;
    const fromTheStart = holes === '' ? {} : { cursor: { after: 0, at: '' } };
    await changeHouse(port, () => ({ holes, ...fromTheStart }));
  }

  private async exchange(
    { token }: HouseToken,
    nowMs: number,
  ): Promise<Result<null, HouseTrouble>> {
    const { book, port, calls } = this.around;
    for (let more = true; more;) {
      const state = await readHouse(port);
      if (!state) return answer(null);
      const told = await calls.pieces(token, state.cursor);
      if (!told.ok) return told;
      const came = told.value;
      await takeArrivals(book, port, { came, state, nowMs });
      // A cursor that stands still would be asked about for ever.
      more = came.more && came.cursor.after !== state.cursor.after;
    }
    return sendWaiting(book, port, { calls, token });
  }
}
