import type { OneAtATime } from './houseDesk';

/** One tab of this origin at a time, where the browser has locks; it has them wherever a house is met. */
export const oneTabAtATime: OneAtATime = async (work) => {
  if (typeof navigator === 'undefined' || !('locks' in navigator)) return work();
  return navigator.locks.request('zolder-house', work);
};
