import { FACTORY_PH, shownPh, type PhStore, type StoredPoint } from './calibrationStore';
import { compensatedSignal } from './cell';
import { firstSide, type Side, type SimProfile } from './traits';

/** What comes from the probes: potential, temperature, conductivity, and whether the tip is in a liquid. */
export interface Signal {
  readonly mv: number;
  readonly sensorC: number;
  readonly ecMsPerCm: number;
  readonly submerged: boolean;
}

/** Why a pen refuses a point. */
export type PenError = 'early' | 'wrongBuffer' | 'slope';

/** What the pen itself knows and does. Times in ticks of the bench. */
export interface Firmware {
  readonly on: boolean;
  readonly asleep: boolean;
  readonly side: Side;
  readonly mode: 'measure' | 'calibrate' | 'frozen' | 'error';
  readonly error?: PenError | undefined;
  /** What stands frozen on the display, in its unit. */
  readonly frozen?: number | undefined;
  /** The calibration in force, and that before the one under way. */
  readonly ph: PhStore;
  readonly phBefore: PhStore;
  readonly ecGain: number;
  readonly points: readonly StoredPoint[];
  /** Short presses counted towards a choice of buffer. */
  readonly picked: number;
  /** Value stepped to while calibrating, in the display's unit. */
  readonly stepped?: number | undefined;
  /** Stability gate: the value it watches and since when it stands. */
  readonly anchor: number;
  readonly anchorTick: number;
  readonly pressedTick: number;
  /** When it last stored a whole calibration; the mark counts from here. */
  readonly calibratedTick?: number | undefined;
  /** The point it took last: shown for a moment. */
  readonly tookTick?: number | undefined;
  readonly tookPh?: number | undefined;
}

/** How often the bench moves on, per second. */
export const TICKS_PER_S = 2;

/** A firmware asks for so much quiet before it takes a point: laxer than the 30 s a careful hand waits. */
const GATE_S = 8;

/** A pen that was never calibrated, switched off. */
export const newFirmware = (profile: SimProfile): Firmware => ({
  on: false,
  asleep: false,
  side: firstSide(profile),
  mode: 'measure',
  ph: FACTORY_PH,
  phBefore: FACTORY_PH,
  ecGain: 1,
  points: [],
  picked: 0,
  anchor: 0,
  anchorTick: 0,
  pressedTick: 0,
});

/** What the firmware makes of the signal: pH, or mS/cm as the pen compensates it. */
export function measured(firmware: Firmware, profile: SimProfile, signal: Signal): number {
  if (firmware.side === 'ph')
    return shownPh(firmware.ph, signal.mv, signal.sensorC, profile.ph?.hasAtc ?? true);
  const shown = compensatedSignal(
    signal.ecMsPerCm,
    signal.sensorC,
    profile.ec?.compensation ?? null,
  );
  return shown / firmware.ecGain;
}

/** Whether the value has stood still long enough for the firmware. */
export const gateOpen = (firmware: Firmware, tick: number): boolean =>
  tick - firmware.anchorTick >= GATE_S * TICKS_PER_S;

/** A moment of a pen: what it is, what its probes give, and when. */
export interface Moment {
  readonly profile: SimProfile;
  readonly signal: Signal;
  readonly tick: number;
}

/** A point refused: the pen shows why for a moment. */
export const refused = (firmware: Firmware, error: PenError, tick: number): Firmware => ({
  ...firmware,
  mode: 'error',
  error,
  picked: 0,
  stepped: undefined,
  anchorTick: tick,
  pressedTick: tick,
});

/** Switched off: what was not finished is lost on pens that lose it. */
export function switchedOff(firmware: Firmware, profile: SimProfile): Firmware {
  const between = profile.ph?.press.between ?? 'staysOn';
  const keeps = between !== 'offLosesPoints' || firmware.points.length === 0;
  return {
    ...firmware,
    on: false,
    asleep: false,
    mode: 'measure',
    error: undefined,
    frozen: undefined,
    stepped: undefined,
    picked: 0,
    ...(keeps ? {} : { ph: firmware.phBefore, points: [] }),
  };
}
