import type { Played } from './replay';
import type { MistakeKind, Practice } from './kinds';

/** What was done well, as far as the run had occasion for it. */
const RIGHTS = [
  'foundFirst',
  'rinsed',
  'waited',
  'leftGood',
  'freshPortion',
  'soaked',
  'cleanFace',
  'patient',
  'storedWet',
  'answered',
] as const;
export type Right = (typeof RIGHTS)[number];

/** What was right in a run: each only where there was occasion for it and no mistake of its kind. */
export function rightsOf(practice: Practice, { steps, world, outcome }: Played): readonly Right[] {
  const made = new Set<MistakeKind>(steps.flatMap(({ mistakes }) => mistakes));
  const did = (what: string) => steps.some(({ act }) => act.do === what);
  const none = (...kinds: readonly MistakeKind[]) => kinds.every((kind) => !made.has(kind));
  const found = world.notes.some(({ what }) => what.startsWith('found'));
  const pointed = world.points.length > 0;
  const truths: Readonly<Record<Right, boolean>> = {
    foundFirst:
      found && none('cleanedFirst', 'notedEarly', 'heldNumber') && outcome.unknownPh < 0.03,
    rinsed: did('dip') && none('unrinsed') && did('rinse'),
    waited: (found || pointed) && none('pressedEarly', 'notedEarly'),
    leftGood: found && !pointed && none('adjustedGood') && practice.id === 'foundGood',
    freshPortion: did('pour') && none('badPortion', 'pouredBack'),
    soaked: steps.some(({ act }) => act.do === 'rest' && act.hours >= 8) && none('noSoak'),
    cleanFace: did('wetFilm') && world.wetFilm === true && none('greaseLeft'),
    patient: did('dose') && none('chased', 'dosedTwice', 'tooMuchAtOnce'),
    storedWet:
      world.tip.at === 'cap' && world.cap !== 'dry' && none('storedWrong', 'leftDry', 'wiped'),
    answered: practice.questions.length > 0 && did('answer') && none('wrongAnswer'),
  };
  return RIGHTS.filter((right) => truths[right]);
}
