import type { EcTraits, PhTraits } from '../calibration';

/** How a pen is adjusted, as its profile tells it. */
export interface PressTraits {
  readonly by: 'button' | 'steps' | 'screw' | 'dials' | 'none';
  readonly word?: string | undefined;
  readonly when: 'afterDip' | 'beforeDip';
  readonly holdSeconds: number;
  readonly confirmPress: boolean;
  readonly autoOffMinutes: number | null;
  readonly picksBy?: readonly number[] | undefined;
  readonly between?: 'staysOn' | 'offLosesPoints' | 'offAfterEach' | undefined;
  readonly holdPastOff?: boolean | undefined;
  readonly endsUnseen?: boolean | undefined;
  readonly errors?: readonly { readonly text: string; readonly means: string }[] | undefined;
}

export type SimPhSide = PhTraits & {
  readonly press: PressTraits;
  readonly oneBottle?: boolean | undefined;
};
export type SimEcSide = EcTraits & { readonly press: PressTraits };

/** What its display does by itself. */
interface DisplayTraits {
  readonly holds?: boolean | undefined;
  readonly measuresOnPress?: boolean | undefined;
  readonly sleeps?: boolean | undefined;
  readonly markDays?: number | undefined;
}

/** A pen to be simulated: any profile of the app. At least one side. */
export interface SimProfile {
  readonly ph: SimPhSide | null;
  readonly ec: SimEcSide | null;
  readonly display?: DisplayTraits | undefined;
}

export type Side = 'ph' | 'ec';

/** How a side is pressed; throws `RangeError` where the pen has no such side. */
export function pressOfSide(profile: SimProfile, side: Side): PressTraits {
  const traits = side === 'ph' ? profile.ph : profile.ec;
  if (!traits) throw new RangeError(`this pen measures no ${side}`);
  return traits.press;
}

/** The side a pen shows when it is switched on. */
export const firstSide = (profile: SimProfile): Side => (profile.ph ? 'ph' : 'ec');
