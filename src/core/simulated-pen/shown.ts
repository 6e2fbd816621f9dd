import { displayFromEcMsPerCm, type EcScale } from '../units';
import { liquidEcMsPerCm, cellSignalMsPerCm } from './cell';
import { onDisplay } from './driftingPen';
import { gateOpen, measured, TICKS_PER_S, type PenError } from './firmwareState';
import { signalOf } from './advance';
import { shownPh } from './calibrationStore';
import { targetMv } from './probe';
import { freshStandard } from './recipes';
import { pressOfSide } from './traits';
import type { World } from './world';

/** What stands on the pen's display. */
export interface PenDisplay {
  readonly state: 'off' | 'asleep' | 'shows' | 'error' | 'calibrate' | 'took';
  /** In the unit of the display; absent where no number stands there. */
  readonly value?: number | undefined;
  readonly resolution: number;
  readonly unit: 'pH' | EcScale;
  readonly sensorC: number;
  readonly error?: { readonly kind: PenError; readonly text: string } | undefined;
  /** A number that stands still because it was told to. */
  readonly held: boolean;
  /** The firmware found it quiet enough. */
  readonly quiet: boolean;
  readonly lowBattery: boolean;
  /** The sign that counts days since the last whole calibration. */
  readonly mark: boolean;
}

/** Below this many hours the battery sign shows. */
const LOW_BATTERY_H = 10;

const DAY_TICKS = 86_400 * TICKS_PER_S;

/** A value of the firmware in the unit and the digits of the display. */
function onScale(
  world: World,
  value: number,
): { readonly value: number; readonly resolution: number } {
  const { firmware, profile } = world;
  if (firmware.side === 'ph') {
    const { resolutionPh } = profile.ph!;
    return { value: onDisplay(value, resolutionPh), resolution: resolutionPh };
  }
  const { scale, resolution } = profile.ec!;
  return {
    value: onDisplay(displayFromEcMsPerCm(Math.max(0, value), scale), resolution),
    resolution,
  };
}

/** The texts a pen shows when it refuses: from its profile where it tells any, plain ones else. */
function errorText(world: World, kind: PenError): string {
  const errors = pressOfSide(world.profile, world.firmware.side).errors ?? [];
  const wanted = {
    early: /earl|mov|still|stab/i,
    wrongBuffer: /buffer|wrong|recogn/i,
    slope: /slope|old|dirty/i,
  };
  const told = errors.find(({ text, means }) => wanted[kind].test(`${means} ${text}`));
  return (told ?? errors[kind === 'early' ? 0 : 1] ?? errors[0])?.text ?? 'Err';
}

/** The display now. */
export function displayOf(world: World): PenDisplay {
  const { firmware, profile, probe, tick } = world;
  const unit = firmware.side === 'ph' ? 'pH' : profile.ec!.scale;
  const markDays = profile.display?.markDays;
  const { calibratedTick } = firmware;
  const rest = {
    unit,
    sensorC: probe.sensorC,
    held: firmware.mode === 'frozen',
    quiet: gateOpen(firmware, tick),
    lowBattery: world.batteryH < LOW_BATTERY_H,
    mark:
      calibratedTick !== undefined &&
      (markDays === undefined || tick - calibratedTick < markDays * DAY_TICKS),
  } as const;
  const now = onScale(world, measured(firmware, profile, signalOf(world)));
  if (!firmware.on) return { ...rest, state: 'off', resolution: now.resolution };
  if (firmware.asleep) return { ...rest, state: 'asleep', resolution: now.resolution };
  if (firmware.mode === 'error' && firmware.error) {
    const { error: kind } = firmware;
    return {
      ...rest,
      state: 'error',
      resolution: now.resolution,
      error: { kind, text: errorText(world, kind) },
    };
  }
  if (firmware.tookPh !== undefined)
    return { ...rest, state: 'took', ...onScale(world, firmware.tookPh) };
  if (firmware.mode === 'frozen')
    return { ...rest, state: 'shows', ...onScale(world, firmware.frozen!) };
  if (firmware.mode === 'calibrate')
    return {
      ...rest,
      state: 'calibrate',
      ...now,
      ...(firmware.stepped === undefined ? {} : { value: firmware.stepped }),
    };
  return { ...rest, state: 'shows', ...now };
}

/** What the firmware measures now, in the unit and digits of the display, whether it shows it or not. */
export const measuredValue = (world: World): number =>
  onScale(world, measured(world.firmware, world.profile, signalOf(world))).value;

/** The number on the display, in its unit; undefined where none stands there. */
export const shownValue = (world: World): number | undefined => displayOf(world).value;

/**
 * How far off the pen truly is at a pH: what it would show at rest, without noise, in a liquid of that pH,
 * less that pH. What no grower can see.
 */
export function trueErrorPh(world: World, atPh: number, tempC = 21): number {
  const mv = targetMv({ ...world.probe, staticMv: 0 }, { ph: atPh, tempC, junction: 0 });
  return shownPh(world.firmware.ph, mv, tempC, world.profile.ph?.hasAtc ?? true) - atPh;
}

/** How far off the EC side truly is, as a share, without a bubble: 0.1 reads a tenth too high. */
export function trueErrorEcRel(world: World, ecMsPerCm = 1.8): number {
  const liquid = freshStandard(ecMsPerCm, { volumeMl: 1, tempC: 25 });
  const signal = cellSignalMsPerCm({ ...world.cell, bubble: false }, liquidEcMsPerCm(liquid));
  return signal / world.firmware.ecGain / liquidEcMsPerCm(liquid) - 1;
}
