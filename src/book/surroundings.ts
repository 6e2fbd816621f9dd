import type { ActId, DeviceId, Kind, Revision, Writer } from '@/records';
import type { StoragePort } from '@/records/storage/port';
import type { Moment } from './bookApi';
import type { HouseCalls } from './house/houseCalls';
import type { OneAtATime } from './house/houseDesk';
import type { SecondCopy } from './secondCopy';

/** What one tab tells the others. */
export interface TabChannel {
  post(revisions: readonly Revision[]): void;
  onMessage(listener: (revisions: readonly Revision[]) => void): void;
}

/** How a book is exchanged with its house. */
export interface HouseWays {
  readonly calls: HouseCalls;
  /** Where this device's token lies. */
  readonly devicePort: StoragePort;
  readonly oneAtATime: OneAtATime;
}

/** Where a book lives and who else has it open. */
export interface BookSurroundings {
  readonly port: StoragePort;
  readonly channel: TabChannel;
  readonly deviceId: DeviceId;
  /** Initials of who writes, asked at each act. */
  readonly initials: () => string;
  readonly onChange: (kinds: readonly Kind[]) => void;
  /** Something in the background went wrong; the book goes on. */
  readonly onTrouble: (about: string, error: unknown) => void;
  /** How the house is reached, for a book that may be exchanged. */
  readonly house?: HouseWays | undefined;
  /** Lets whoever waits for an answer go before what nobody waits for. */
  readonly letOthersGo?: (() => Promise<void>) | undefined;
  /** The newest month once more, elsewhere. */
  readonly copy?: SecondCopy | undefined;
}

/** An act whose id is known: what is written is what was written then. */
export interface ActMoment extends Moment {
  readonly actId?: ActId | undefined;
}

/** Who writes at a moment; an act without an id gets one of its own. */
export const writerAt = (
  { nowMs, zone, actId }: ActMoment,
  around: Pick<BookSurroundings, 'initials' | 'deviceId'> & Pick<Writer, 'makeId'>,
): Writer => ({
  makeId: around.makeId,
  nowMs,
  zone,
  by: around.initials(),
  device: around.deviceId,
  act: actId ?? (around.makeId(nowMs) as string),
});
