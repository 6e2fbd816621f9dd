import type { Result } from '@/core/result';
import type { HouseDevice } from '@/interchange/exchange';
import type { HouseTrouble } from './house/houseCalls';
import type { HouseStatus } from './house/houseStatus';

/** The exchange of the own book with its house, as a screen sees it. The demo has none. */
export interface HouseApi {
  /** How this device stands with its house. */
  houseStatus(): Promise<HouseStatus>;
  /** Meets the house now: fetches what came, tells what waits. Nothing where this device is not paired. */
  meetHouse(nowMs: number): Promise<HouseStatus>;
  /** Pairs this device by the six digits that the computer shows. */
  pairHouse(code: string, name: string): Promise<Result<null, HouseTrouble>>;
  /** Exchanges no longer; the book stays. A refusal tells why the house could not be told. */
  leaveHouse(): Promise<Result<null, HouseTrouble>>;
  /** The devices of the house. */
  houseDevices(): Promise<Result<readonly HouseDevice[], HouseTrouble>>;
  /** Takes a device off the house's list. */
  revokeDevice(id: string): Promise<Result<null, HouseTrouble>>;
}
