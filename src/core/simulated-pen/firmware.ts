import {
  gateOpen,
  measured,
  switchedOff,
  TICKS_PER_S,
  type Firmware,
  type Moment,
} from './firmwareState';
import { takePoint } from './takePoint';
import { pressOfSide } from './traits';

const GATE_SPAN_PH = 0.02;
const ERROR_SHOWN_S = 3;
const TOOK_SHOWN_S = 3;
const SLEEP_AFTER_S = 60;

/** The firmware at the next tick: the gate, the automatic point, sleep and switching off. */
export function ticked(firmware: Firmware, { profile, signal, tick }: Moment): Firmware {
  if (!firmware.on) return firmware;
  const press = pressOfSide(profile, firmware.side);
  const idle = tick - firmware.pressedTick;
  if (press.autoOffMinutes && idle >= press.autoOffMinutes * 60 * TICKS_PER_S)
    return switchedOff(firmware, profile);
  if (firmware.mode === 'error')
    return idle >= ERROR_SHOWN_S * TICKS_PER_S
      ? { ...firmware, mode: 'measure', error: undefined }
      : firmware;
  const shown = measured(firmware, profile, signal);
  const span =
    firmware.side === 'ph'
      ? Math.max(GATE_SPAN_PH, profile.ph!.resolutionPh)
      : Math.max(0.01 * shown, 0.005);
  const moved = !signal.submerged || !(Math.abs(shown - firmware.anchor) <= span);
  let next = moved ? { ...firmware, anchor: shown, anchorTick: tick } : firmware;
  if (profile.display?.sleeps && idle >= SLEEP_AFTER_S * TICKS_PER_S && !next.asleep)
    next = { ...next, asleep: true };
  if (next.tookTick !== undefined && tick - next.tookTick > TOOK_SHOWN_S * TICKS_PER_S)
    next = { ...next, tookTick: undefined, tookPh: undefined };
  if (!gateOpen(next, tick) || !signal.submerged) return next;
  if (next.mode === 'calibrate' && press.by === 'button' && !press.confirmPress)
    return takePoint(next, profile, { signal, tick });
  if (profile.display?.measuresOnPress && next.mode === 'measure')
    return { ...next, mode: 'frozen', frozen: shown };
  return next;
}
