import type { BenchPlan, BenchStep } from '@/core/procedure';
import { cupTarget } from '@/core/procedure';
import type { SimProfile, World } from '@/core/simulated-pen';
import { dipTitle, pressLine } from '@/words/bench/pressWords';
import type { Formats } from '@/words';
import { QUANTITY_NAME } from '../quantityName';

/** How a pen is put away: glass wet, a conductivity cell alone clean and dry. */
const away = ({ ph }: SimProfile) =>
  ph ? 'rinse, and cap it with storage solution' : 'rinse, shake, and put it away dry';

/** What the Bench would say next, in the order of the hands. */
export function guideLines(
  { plan, step }: { readonly plan: BenchPlan; readonly step: BenchStep },
  { profile, tip, firmware }: World,
  formats: Formats,
): readonly string[] {
  if (tip.at === 'cap' && step.kind === 'dip') return ['Take the cap off upright.'];
  if (!firmware.on && step.kind === 'dip') return ['Switch the pen on.'];
  if (firmware.side !== plan.quantity && step.kind === 'dip')
    return [`Press MODE until it shows ${QUANTITY_NAME[plan.quantity]}.`];
  switch (step.kind) {
    case 'dip':
      return dipLines(plan, step, {
        profile,
        formats,
        inCup: tip.at === 'cup' ? tip.cup : undefined,
      });
    case 'missed':
      return [
        'It missed. Rinse, dip in the same cup again, wait until it stands still, and set it once more.',
      ];
    case 'asFoundGood':
      return [`It is within its tolerance. Nothing to adjust: ${away(profile)}.`];
    case 'asFoundOut':
      return ['It is outside its tolerance. Adjust it, the first cup first.'];
    case 'finish':
      return [`That was it: ${away(profile)}. Then press Finish.`];
  }
}

function dipLines(
  plan: BenchPlan,
  step: Extract<BenchStep, { readonly kind: 'dip' }>,
  {
    profile,
    formats,
    inCup,
  }: {
    readonly profile: SimProfile;
    readonly formats: Formats;
    readonly inCup?: string | undefined;
  },
): readonly string[] {
  const press = (plan.quantity === 'ph' ? profile.ph : profile.ec)?.press;
  const { phase, cup } = step;
  const at = plan.cups.indexOf(cup);
  const aim = cupTarget(plan, cup);
  const target = aim.ok ? formats.shown(aim.value.target, plan.resolution) : '';
  const unit = plan.quantity === 'ph' ? 'pH' : '';
  const say = press && {
    ...press,
    errors: press.errors ? [...press.errors] : undefined,
    picksBy: press.picksBy ? [...press.picksBy] : undefined,
  };
  const title = dipTitle(phase, cup, { press: say, display: profile.display, formats });
  const how = say
    ? pressLine(phase, say, `${target} ${unit}`.trim(), {
        cup,
        at,
        display: profile.display,
        takenDown: true,
      })
    : '';
  const note = phase === 'asLeft' ? '' : 'Wait until it stands still for 30 s, then write it down.';
  // Who stands in the cup already reads what is left to do there.
  const there = inCup?.replace(/^ec/, '') === cup.id;
  return (there ? [note, how] : [title, how, note]).filter(Boolean);
}
