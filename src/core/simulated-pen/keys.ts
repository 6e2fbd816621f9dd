import { GAIN_LIMITS, shownPh, storeFrom } from './calibrationStore';
import {
  gateOpen,
  measured,
  refused,
  switchedOff,
  type Firmware,
  type Moment,
} from './firmwareState';
import { takePoint } from './takePoint';
import { pressOfSide, type Side, type SimProfile } from './traits';

/** A key of the pen. `seconds`: how long it is held. */
export type PenKey =
  | { readonly key: 'power' }
  | { readonly key: 'cal'; readonly seconds: number }
  | { readonly key: 'mode' }
  | { readonly key: 'hold' }
  | { readonly key: 'measure' }
  | { readonly key: 'step'; readonly shown: number };

/** Whether the firmware watches for quiet: pens that show an error or confirm do; others take what they see. */
const hasGate = (profile: SimProfile, side: Side): boolean => {
  const { confirmPress, errors, when } = pressOfSide(profile, side);
  return confirmPress || when === 'beforeDip' || (errors?.length ?? 0) > 0;
};

function calKey(firmware: Firmware, seconds: number, { profile, signal, tick }: Moment): Firmware {
  const press = pressOfSide(profile, firmware.side);
  if (press.by !== 'button' && press.by !== 'steps') return firmware;
  const long = seconds >= Math.max(press.holdSeconds, 0.01);
  if (firmware.mode === 'calibrate') {
    if (press.by === 'steps') return takePoint(firmware, profile, { signal, tick });
    if (!press.confirmPress) return { ...firmware, mode: 'measure', picked: 0, pressedTick: tick };
    return gateOpen(firmware, tick) && signal.submerged
      ? takePoint(firmware, profile, { signal, tick })
      : refused(firmware, 'early', tick);
  }
  if (press.holdPastOff && seconds >= 1 && !long) return switchedOff(firmware, profile);
  if (!long) return { ...firmware, picked: firmware.picked + 1, pressedTick: tick };
  const begun: Firmware = { ...firmware, mode: 'calibrate', pressedTick: tick };
  const waits = press.by === 'steps' || press.confirmPress || press.when === 'beforeDip';
  if (waits) return { ...begun, anchorTick: tick };
  if (hasGate(profile, firmware.side) && !gateOpen(firmware, tick))
    return refused(begun, 'early', tick);
  return takePoint(begun, profile, { signal, tick });
}

/** A pen after a key was pressed. A pen that sleeps only wakes; one that is off only comes on. */
export function pressKey(firmware: Firmware, key: PenKey, moment: Moment): Firmware {
  const { profile, signal, tick } = moment;
  const awake: Firmware = { ...firmware, pressedTick: tick };
  if (!firmware.on) {
    if (key.key !== 'power' && key.key !== 'cal' && key.key !== 'measure') return firmware;
    return { ...awake, on: true, asleep: false, mode: 'measure', anchorTick: tick };
  }
  if (firmware.asleep) return { ...awake, asleep: false, anchorTick: tick };
  if (firmware.mode === 'error') return { ...awake, mode: 'measure', error: undefined };
  if (key.key === 'power') return switchedOff(awake, profile);
  if (key.key === 'mode') {
    const other = firmware.side === 'ph' ? 'ec' : 'ph';
    return profile[other] ? { ...awake, side: other, mode: 'measure', anchorTick: tick } : awake;
  }
  if (key.key === 'hold') {
    if (!profile.display?.holds) return awake;
    return firmware.mode === 'frozen'
      ? { ...awake, mode: 'measure', frozen: undefined }
      : { ...awake, mode: 'frozen', frozen: measured(firmware, profile, signal) };
  }
  if (key.key === 'measure')
    return { ...awake, mode: 'measure', frozen: undefined, anchorTick: tick };
  if (key.key === 'step')
    return firmware.mode === 'calibrate' ? { ...awake, stepped: key.shown } : awake;
  return calKey(awake, key.seconds, moment);
}

/** A screw or dial turned until the display shows a value: zero, slope, or the cell of the EC side. */
export function turned(
  firmware: Firmware,
  { dial, shown }: { readonly dial: 'zero' | 'slope' | 'cell'; readonly shown: number },
  { profile, signal, tick }: Moment,
): Firmware {
  if (dial === 'cell') {
    const now = measured({ ...firmware, side: 'ec' }, profile, signal);
    return { ...firmware, ecGain: firmware.ecGain * (now / shown), calibratedTick: tick };
  }
  const hasAtc = profile.ph?.hasAtc ?? true;
  const { mv, sensorC } = signal;
  const { ph } = firmware;
  if (dial === 'zero') {
    const one = storeFrom([{ mv, sensorC, ph: shown }], { hasAtc, pieces: false, before: ph });
    return { ...firmware, ph: one, calibratedTick: tick };
  }
  const now = shownPh(ph, mv, sensorC, hasAtc);
  // Near 7 the slope dial moves nothing: it only turns to its stop.
  const wanted = Math.abs(shown - 7) < 0.3 ? 1 : (now - 7) / (shown - 7);
  const gain = Math.min(GAIN_LIMITS.max, Math.max(GAIN_LIMITS.min, ph.gainBelow * wanted));
  return { ...firmware, ph: { ...ph, gainBelow: gain, gainAbove: gain }, calibratedTick: tick };
}
