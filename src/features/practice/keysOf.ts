import { displayOf, pressOfSide, type Act, type World } from '@/core/simulated-pen';
import { practiceSays } from '@/words/practice/benchWords';

/** A key of the pen with what it does. */
export interface Key {
  readonly id: string;
  readonly label: string;
  readonly acts: readonly Act[];
}

/** A short press lasts so long, s. */
const SHORT_S = 0.4;

const key = (id: string, label: string, ...acts: readonly Act[]): Key => ({ id, label, acts });

/** Up and down by one digit of the display. */
function stepKeys(world: World, name: string, make: (shown: number) => Act): readonly Key[] {
  const { value, resolution } = displayOf(world);
  if (value === undefined) return [];
  const to = (digits: number) => Number((value + digits * resolution).toFixed(4));
  return [
    key(`${name}-up`, `▲ ${name}`, make(to(1))),
    key(`${name}-down`, `▼ ${name}`, make(to(-1))),
  ];
}

/** Keys that calibrate, as this side of the pen has them. */
function calKeys(world: World): readonly Key[] {
  const press = pressOfSide(world.profile, world.firmware.side);
  const { word, holdSeconds } = press;
  const short = { do: 'cal', seconds: SHORT_S } as const;
  switch (press.by) {
    case 'none':
      return [];
    case 'screw':
      return stepKeys(
        world,
        world.firmware.side === 'ec' ? practiceSays.cellDial : practiceSays.screw,
        (shown) => ({ do: 'turn', dial: world.firmware.side === 'ec' ? 'cell' : 'zero', shown }),
      );
    case 'dials':
      return world.firmware.side === 'ec'
        ? stepKeys(world, practiceSays.cellDial, (shown) => ({ do: 'turn', dial: 'cell', shown }))
        : [
            ...stepKeys(world, practiceSays.zeroDial, (shown) => ({
              do: 'turn',
              dial: 'zero',
              shown,
            })),
            ...stepKeys(world, practiceSays.slopeDial, (shown) => ({
              do: 'turn',
              dial: 'slope',
              shown,
            })),
          ];
    default:
      return [
        key('cal-short', practiceSays.calShort(word), short),
        key('cal-twice', practiceSays.pressTwice(word), short, short),
        ...(holdSeconds > SHORT_S
          ? [
              key('cal-long', practiceSays.calLong(word, holdSeconds), {
                do: 'cal',
                seconds: holdSeconds,
              }),
            ]
          : []),
        ...(press.by === 'steps' && world.firmware.mode === 'calibrate'
          ? stepKeys(world, practiceSays.step, (shown) => ({ do: 'step', shown }))
          : []),
      ];
  }
}

/** The keys a pen of this profile has now, in the order of the hands. */
export function keysOf(world: World): readonly Key[] {
  const { profile } = world;
  const power = key('power', practiceSays.power, { do: 'power' });
  if (!world.firmware.on) return [power];
  return [
    power,
    ...calKeys(world),
    ...(profile.ph && profile.ec ? [key('mode', practiceSays.mode, { do: 'mode' })] : []),
    ...(profile.display?.holds ? [key('hold', practiceSays.hold, { do: 'hold' })] : []),
    ...(profile.display?.measuresOnPress
      ? [key('measure', practiceSays.measure, { do: 'measure' })]
      : []),
  ];
}
