import { refuse } from '@/core/result';
import type { HouseApi } from '../houseApi';
import type { HouseDesk } from './houseDesk';
import { NO_HOUSE } from './houseStatus';

/** Answers for the exchange of the open book; a book without one is paired with nobody. */
export function answerHouse(desk: () => HouseDesk | undefined): HouseApi {
  return {
    houseStatus: async () => (await desk()?.status()) ?? NO_HOUSE,
    meetHouse: async (nowMs) => (await desk()?.meet(nowMs)) ?? NO_HOUSE,
    pairHouse: async (code, name) => (await desk()?.pair(code, name)) ?? refuse('off'),
    leaveHouse: async () => (await desk()?.leave()) ?? refuse('off'),
    houseDevices: async () => (await desk()?.devices()) ?? refuse('off'),
    revokeDevice: async (id) => (await desk()?.revoke(id)) ?? refuse('off'),
  };
}
