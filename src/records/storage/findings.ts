import { KINDS, type Kind } from '../kinds';
import type { AsideReason, DecodedPack } from './packs';

/** A pack or an entry that is kept as it is and not read, with what its key tells of it. */
export interface SetAside {
  readonly key: string;
  readonly reason: AsideReason;
  /** Entries in it, as far as it can be told. */
  readonly count: number;
  /** Absent for entries of the journal, whose keys do not tell. */
  readonly kind?: Kind | undefined;
  /** The month it is packed under, yyyymm. */
  readonly month?: string | undefined;
}

/** A pack that the list names and that is not there. */
export interface MissingPack {
  readonly key: string;
  readonly count: number;
  readonly kind?: Kind | undefined;
  readonly month?: string | undefined;
}

/** Kind and month from the key of a pack. */
export function toldByKey(key: string): { kind?: Kind; month?: string } {
  const [, kind, month] = /^p\/([^/]+)\/(\d{6})\//.exec(key) ?? [];
  const known = KINDS.find((one) => one === kind);
  return { ...(known ? { kind: known } : {}), ...(month ? { month } : {}) };
}

/** What is set aside of one stored value; undefined where all of it was understood. */
export function asideOf(
  key: string,
  { aside, asideCount }: DecodedPack,
  listed: number | undefined,
): SetAside | undefined {
  if (!aside) return undefined;
  const whole = aside === 'notText' || aside === 'empty' || aside === 'changed';
  return {
    key,
    reason: aside,
    count: whole ? (listed ?? asideCount) : asideCount,
    ...toldByKey(key),
  };
}
