import {
  type PracticeCupId,
  act,
  cupLiquid,
  endMv,
  liquidOf,
  liquidEcMsPerCm,
  liquidPh,
  mixed,
  SACHET_ML,
  shownPh,
  WETTED_GREASE,
  type Act,
  type Cup,
  type StoredIn,
  type World,
} from '../simulated-pen';
import { checkCups, checkWell, freshLotFor, handsAt, isGood, sideOfCup, targetOf } from './hands';
import type { MistakeKind, Noticed, Practice } from './kinds';
import { aimOf, neededMl } from './tankNeeds';

/** What was done before, with the world each act met. */
export interface Done {
  readonly act: Act;
  readonly tick: number;
}

interface Look {
  readonly before: World;
  readonly what: Act;
  readonly past: readonly Done[];
  readonly practice: Practice;
}

/** A mistake with what a careful hand does instead. */
const noticed = (kind: MistakeKind, ...instead: readonly Act[]): Noticed => ({ kind, instead });

/** A difference that a display of hundredths shows, pH. */
const MATTERS_PH = 0.02;
const MV_PER_PH = 58;

/** What clings to the tip spoils a cup when it moves it by so much: pH, or a share of its conductivity. */
const SPOILS_PH = 0.002;
const SPOILS_REL = 0.004;

const RINSED: readonly Act[] = [{ do: 'rinse', with: 'tap' }, { do: 'shake' }];

/** The cup the tip stands in. */
const cupNow = (world: World): Cup | undefined =>
  world.tip.at === 'cup' ? world.cups[world.tip.cup] : undefined;

/** How far the display would still move, pH (for EC: a share of the exchange). */
function stillToGo(world: World): number {
  if (world.tip.at !== 'cup') return 0;
  if (world.firmware.side === 'ec') return (1 - world.exchanged) * 0.5;
  return Math.abs(world.probe.glassMv - endMv(world)) / MV_PER_PH + (1 - world.exchanged) * 0.1;
}

/** Whether what clings to the tip moves the cup it is dipped in: buffer, feed, storage salt, rinse drops. */
function spoilsCup(world: World, cup: Cup): boolean {
  const { film } = world.tip.at === 'air' ? world : act(world, LIFT);
  const own = cupLiquid(world, cup);
  const after = mixed(own, film);
  const side = sideOfCup(cup);
  return side === 'ec'
    ? Math.abs(liquidEcMsPerCm(after) / liquidEcMsPerCm(own) - 1) > SPOILS_REL
    : Math.abs(liquidPh(after) - liquidPh(own)) > SPOILS_PH;
}

const LIFT: Act = { do: 'lift' };

function atDip({ before, what }: Look): readonly Noticed[] {
  if (what.do !== 'dip') return [];
  const cup = before.cups[what.cup];
  const kinds = ['buffer', 'standard', 'jar'];
  if (!cup || !kinds.includes(cup.label.kind)) return [];
  if (cupNow(before)?.id === cup.id) return [];
  return spoilsCup(before, cup) ? [noticed('unrinsed', ...RINSED, what)] : [];
}

/** Whether an act stored a point, and what the pen now takes the cup for. */
function stored(before: World, after: World): { readonly taken: number } | undefined {
  const [was, is] = [before.firmware, after.firmware];
  // A pen that was switched off goes back to what it had: no point was set.
  if (after.points.length === before.points.length) return undefined;
  if (is.ecGain !== was.ecGain) return { taken: NaN };
  const { mv, sensorC } = { mv: after.probe.glassMv, sensorC: after.probe.sensorC };
  return { taken: shownPh(is.ph, mv, sensorC, after.profile.ph?.hasAtc ?? true) };
}

/** The way into a cup, as a careful hand goes. */
const into = (cup: PracticeCupId): readonly Act[] => [
  ...RINSED,
  { do: 'dip', cup },
  { do: 'stir' },
  { do: 'tapOff' },
  { do: 'waitStill' },
];

/** As found was good in every cup that was read: nothing to adjust. */
function foundGood(world: World): boolean {
  const side = world.firmware.side;
  const cups = checkCups(world, side);
  const shown = cups.map(
    (cup) => world.notes.find(({ what }) => what === `found ${cup.id}`)?.shown,
  );
  return (
    cups.length > 0 &&
    cups.every((cup, at) => shown[at] !== undefined && isGood(world, cup, shown[at]!))
  );
}

/** A turn or step repeated at rest: to what the display should show there. */
function settledAct(world: World, what: Act): readonly Act[] {
  const cup = cupNow(world);
  const target = cup && targetOf(world, cup);
  if (target === undefined) return [what];
  if (what.do === 'turn' || what.do === 'step') return [{ ...what, shown: target }];
  if (what.do === 'cal' && world.firmware.stepped !== undefined)
    return [{ do: 'step', shown: target }, what];
  return [what];
}

/** Glass and reference below these shift back by more than a display shows as they recover. */
const READY = { hydration: 0.8, reference: 0.7 } as const;

function atPoint(look: Look): readonly Noticed[] {
  const { before, what } = look;
  if (!['cal', 'turn', 'wait', 'waitStill'].includes(what.do)) return [];
  const after = act(before, what);
  const point = stored(before, after);
  const cup = cupNow(before);
  if (!point || !cup) return [];
  const again = settledAct(before, what);
  if (foundGood(before)) return [{ ...noticed('adjustedGood'), until: 'cap' }];
  const found: Noticed[] = [];
  const dry = before.probe.hydration < READY.hydration || before.probe.reference < READY.reference;
  if (dry && sideOfCup(cup) === 'ph')
    found.push(
      noticed(
        'noSoak',
        { do: 'cap', with: 'storage' },
        { do: 'rest', hours: 24 },
        { do: 'power' },
        ...into(cup.id),
        ...again,
      ),
    );
  const byHand = what.do === 'cal' || what.do === 'turn';
  if (byHand && stillToGo(before) > MATTERS_PH)
    found.push(noticed('pressedEarly', { do: 'waitStill' }, ...again));
  found.push(
    ...(sideOfCup(cup) === 'ec' ? atCell(before, cup, again) : atBuffer(look, cup, point.taken)),
  );
  return found;
}

/** The EC side: a bubble or grease is taken for the pen’s own error. */
function atCell(before: World, cup: Cup, again: readonly Act[]): readonly Noticed[] {
  const { bubble, grease } = before.cell;
  return [
    ...(bubble ? [noticed('bubble', { do: 'tapOff' }, { do: 'waitStill' }, ...again)] : []),
    ...(grease > WETTED_GREASE
      ? [
          noticed(
            'greaseLeft',
            { do: 'clean', how: 'scrubFace' },
            { do: 'clean', how: 'scrubFace' },
            ...into(cup.id),
          ),
        ]
      : []),
  ];
}

/** The pH side: the cup against what the pen took it for. */
function atBuffer({ before, what }: Look, cup: Cup, taken: number): readonly Noticed[] {
  const truth = liquidPh(cup.liquid);
  const away = Math.abs(truth - taken);
  const again = settledAct(before, what);
  if (away > 0.3) {
    const right = Object.values(before.cups).find(
      (other) => other.label.kind === 'buffer' && Math.abs(liquidPh(other.liquid) - taken) < 0.3,
    );
    return right ? [noticed('wrongCup', ...into(right.id), what)] : [];
  }
  const target = targetOf(before, cup);
  const label = cup.label.kind === 'buffer' ? cup.label.nominalPh : NaN;
  const typed = what.do === 'turn' ? what.shown : before.firmware.stepped;
  const printed =
    typed !== undefined &&
    target !== undefined &&
    Math.abs(typed - label) < Math.abs(typed - target) &&
    Math.abs(typed - target) < 0.3 &&
    typed !== target;
  if (printed) return [noticed('printedNumber', ...again)];
  return isBadPortion(before, cup) ? pouredFirst(before, cup, ...again) : [];
}

/** Whether a portion is not what its label says; a cup with another buffer in it is another matter. */
function isBadPortion(world: World, cup: Cup): boolean {
  if (cup.label.kind !== 'buffer') return false;
  const fresh = liquidPh(liquidOf(cup.label, cup.liquid.tempC));
  const away = Math.abs(liquidPh(cup.liquid) - fresh);
  return away > 0.04 && away < 1 && freshLotFor(world, cup) !== undefined;
}

const pouredFirst = (world: World, cup: Cup, ...then: readonly Act[]): readonly Noticed[] => [
  noticed(
    'badPortion',
    { do: 'pour', cup: cup.id, lot: freshLotFor(world, cup)! },
    ...into(cup.id),
    ...then,
  ),
];

function atDial({ before, what, past, practice }: Look): readonly Noticed[] {
  if (what.do !== 'turn' || what.dial !== 'slope') return [];
  const zeroFirst = past.some(({ act: one }) => one.do === 'turn' && one.dial === 'zero');
  if (zeroFirst) return [];
  const [neutral] = checkCups(practice.start, 'ph');
  const cup = cupNow(before);
  if (!neutral || !cup) return [];
  const zero: Act = { do: 'turn', dial: 'zero', shown: targetOf(before, neutral) ?? 7 };
  return [noticed('slopeFirst', ...into(neutral.id), zero, ...into(cup.id), what)];
}

/** Water for a sachet is measured to this, mL. */
const MEASURED_WITHIN_ML = 5;

/** What the cap may hold for days. */
const WET: readonly StoredIn[] = ['storage', 'ph4', 'buffer', 'dampPaper', 'tapWater'];

function atCare({ before, what, past }: Look): readonly Noticed[] {
  switch (what.do) {
    case 'wipe':
      return [noticed('wiped', { do: 'shake' })];
    case 'touch':
      return [noticed('touched')];
    case 'pourBack':
      return [noticed('pouredBack')];
    case 'cap':
      // A conductivity cell alone is stored clean and dry.
      return WET.includes(what.with) || before.profile.ph === null
        ? []
        : [noticed('storedWrong', { do: 'cap', with: 'storage' })];
    case 'clean': {
      if (what.how === 'scrape') return [noticed('scraped', { do: 'clean', how: 'warmWater' })];
      const found = before.notes.some(({ what: name }) => name.startsWith('found'));
      const cleanedBefore = past.some(({ act: one }) => one.do === 'clean');
      if (found || cleanedBefore || what.how === 'warmWater') return [];
      const side = before.firmware.side;
      const cups = checkCups(before, side);
      const on: readonly Act[] = before.firmware.on ? [] : [{ do: 'power' }];
      const read = cups.flatMap((cup): readonly Act[] => [
        ...into(cup.id),
        { do: 'note', what: `found ${cup.id}` },
      ]);
      return cups.length > 0 ? [noticed('cleanedFirst', ...on, ...read, what)] : [];
    }
    case 'dissolve':
      return [
        ...(what.spoonRinsed ? [] : [noticed('spoonNotRinsed', { ...what, spoonRinsed: true })]),
        ...(Math.abs(what.waterMl - SACHET_ML) <= MEASURED_WITHIN_ML
          ? []
          : [noticed('wrongWater', { ...what, waterMl: SACHET_ML })]),
      ];
    default:
      return [];
  }
}

function atNote({ before, what }: Look): readonly Noticed[] {
  if (what.do !== 'note') return [];
  const held = before.firmware.mode === 'frozen' && !before.profile.display?.measuresOnPress;
  if (held) return [noticed('heldNumber', { do: 'hold' }, { do: 'waitStill' }, what)];
  const cup = cupNow(before);
  return [
    ...(stillToGo(before) > MATTERS_PH ? [noticed('notedEarly', { do: 'waitStill' }, what)] : []),
    ...(cup && isBadPortion(before, cup) ? pouredFirst(before, cup, what) : []),
  ];
}

const HOUR_TICKS = 7200;
/** So soon after a dose nothing is mixed yet: ten minutes. */
const MIXING_TICKS = 1200;
/** A dose of more than so much of what is truly needed overshoots. */
const TOO_MUCH = 1.25;

function atDose({ before, what, past }: Look): readonly Noticed[] {
  if (what.do !== 'dose' || !before.tank) return [];
  const doses = past.filter(({ act: one }) => one.do === 'dose');
  const last = doses.at(-1);
  const since = last ? before.tick - last.tick : Infinity;
  if (last?.act.do === 'dose' && last.act.reagent !== what.reagent && since < HOUR_TICKS)
    return [noticed('chased')];
  if (since < MIXING_TICKS) return [noticed('dosedTwice')];
  const needed = neededMl(before, what.reagent, aimOf(before));
  if (what.ml <= Math.max(0, needed) * TOO_MUCH + 0.5) return [];
  const ml = Math.max(0, Math.round(needed * 8) / 10);
  return [noticed('tooMuchAtOnce', ...(ml > 0 ? [{ ...what, ml }] : []))];
}

function atAnswer({ before, what, practice }: Look): readonly Noticed[] {
  if (what.do !== 'answer') return [];
  const asked = practice.questions.find(({ id }) => id === what.question);
  if (!asked || asked.right === what.choice) return [];
  const right: Act = { ...what, choice: asked.right };
  // Who knows that only a buffer tells goes on to a check.
  const checked = asked.right === 'bufferOnly' ? checkFrom(before) : [];
  return [noticed('wrongAnswer', ...checked, right)];
}

/** A whole check from a bench as it stands. */
function checkFrom(world: World): readonly Act[] {
  const hands = handsAt(world);
  checkWell(hands);
  return hands.acts();
}

/** The mistakes in one act, from what the bench truly is: not what its user can see. */
export function noticeMistakes(look: Look): readonly Noticed[] {
  return [atDip, atPoint, atDial, atCare, atNote, atDose, atAnswer].flatMap((eye) => eye(look));
}
