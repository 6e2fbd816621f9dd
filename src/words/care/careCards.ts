import type { CareKind } from '@/records/kinds';
import type { DisputeId } from '@/words';

/** One thing done to a pen, or that befell it: what to do, step by step, and what follows. */
export interface CareCard {
  readonly what: CareKind;
  readonly title: string;
  readonly group: 'care' | 'incident';
  readonly side: 'ph' | 'ec' | 'both';
  readonly steps: readonly string[];
  readonly caution?: string;
  /** Where the trade is of two minds about it. */
  readonly disputed?: DisputeId;
  /** A soak or rest in solution starts a timer, hours. */
  readonly soakHours?: number;
  /** It stands in cleaner before, with a timer of its own, minutes. */
  readonly cleanerMinutes?: number;
  /** Drying starts one too, hours. */
  readonly dryHours?: number;
}

/** Short guided cards, the usual first. Clean only after the as-found check: cleaning hides the past. */
export const CARE_CARDS: readonly CareCard[] = [
  {
    what: 'clean',
    title: 'Clean the pH probe',
    group: 'care',
    side: 'ph',
    steps: [
      'Check it as found first: after cleaning nobody can tell how wrong past readings were.',
      'Take the guard off. Move the tip about in clean water with a little probe cleaner or washing-up liquid.',
      'Rinse until nothing of it is left. A soft brush round the bulb, very gently; never touch bulb or wick with fingers.',
      'Guard on, back into storage solution for a while, then calibrate.',
    ],
  },
  {
    what: 'clean',
    title: 'Clean the EC face',
    group: 'care',
    side: 'ec',
    steps: [
      'Check it as found first.',
      'Take the shroud off. Put a few drops of EC cleaner on the face, scrub firmly with the cloth, rinse.',
      'Wet-film test: water must spread over the whole face and stay. Where it pulls into drops there is still grease: clean again.',
      'Fingers off the face. Shroud on, then check in a standard.',
    ],
  },
  {
    what: 'cleanHeavy',
    title: 'Stubborn dirt',
    group: 'care',
    side: 'ph',
    steps: [
      'Check it as found first. Guard off.',
      'Stand it in probe cleaner for half an hour: press the button, the timer calls you.',
      'Rinse. A soft brush round the bulb, very gently; never touch bulb or wick with fingers.',
      'Rinse until nothing of the cleaner is left. Guard on.',
      'Two hours in storage solution, then calibrate.',
    ],
    disputed: 'cleaningSoak',
    cleanerMinutes: 30,
    soakHours: 2,
  },
  {
    what: 'cleanOil',
    title: 'Oil on the bulb',
    group: 'care',
    side: 'ph',
    steps: [
      'A wipe with ethanol; acetone only where the maker allows it.',
      'Rinse, two hours in storage solution, then calibrate.',
    ],
    caution: 'Ethanol and acetone burn: ventilate, no flames, gloves. Never near nitric acid.',
    soakHours: 2,
  },
  {
    what: 'soak',
    title: 'Soak the pH probe',
    group: 'care',
    side: 'ph',
    steps: [
      'Stand it upright in storage solution (potassium chloride, 3 mol/L), with the tip covered, for the time below.',
      'Check it when the time is up.',
    ],
    soakHours: 24,
  },
  {
    what: 'capTopUp',
    title: 'Cap topped up',
    group: 'care',
    side: 'ph',
    steps: [
      'Put a few drops of storage solution on the sponge, or fill the cap until it covers the tip.',
      'Do not wipe the tip dry.',
    ],
  },
  {
    what: 'stopGap',
    title: 'Capped without storage solution',
    group: 'care',
    side: 'ph',
    steps: [
      'For one day take pH 4 buffer, else pH 7 buffer, a damp paper, or tap water. Never pure water.',
      'Put storage solution into the cap within the day. Zolder reminds you.',
    ],
    disputed: 'storage',
  },
  {
    what: 'battery',
    title: 'New battery',
    group: 'care',
    side: 'both',
    steps: [
      'Put in the right type, the right way round. Clean salt off the o-ring and close it tightly.',
      'Check the pen: a new battery can move it.',
    ],
    caution: 'Take leaking cells out with gloves; dispose of them by local rules.',
  },
  {
    what: 'oRing',
    title: 'O-ring looked after',
    group: 'care',
    side: 'both',
    steps: ['Wash salt off the o-ring and its groove. Look for cracks. Tighten the screws evenly.'],
  },
  {
    what: 'newProbe',
    title: 'New pH probe fitted',
    group: 'care',
    side: 'ph',
    steps: [
      'White crystals round the cap are dried storage salt: dissolve them in warm water.',
      'Put the probe in storage solution for the time below, then calibrate.',
    ],
    soakHours: 24,
  },
  {
    what: 'rest',
    title: 'Put away to rest',
    group: 'care',
    side: 'both',
    steps: [
      'Cap the pH tip wet; let the EC face be clean and dry.',
      'Take the batteries out for a month or more. Keep it cool, dark and upright.',
    ],
  },
  {
    what: 'wake',
    title: 'Taken out of its rest',
    group: 'care',
    side: 'both',
    steps: ['Check it before it is used.'],
  },
  {
    what: 'dryOut',
    title: 'It had dried out',
    group: 'incident',
    side: 'ph',
    steps: ['A day upright in storage solution. It often recovers; then check it.'],
    soakHours: 24,
  },
  {
    what: 'pureWater',
    title: 'It stood in pure water',
    group: 'incident',
    side: 'ph',
    steps: [
      'Overnight in storage solution, then calibrate: pure water leaches glass and reference.',
    ],
    soakHours: 12,
  },
  {
    what: 'weeksInFeed',
    title: 'It stood in feed for weeks',
    group: 'incident',
    side: 'ph',
    steps: [
      'Clean it, then a night in storage solution. A second probe to take turns is the cure.',
    ],
    soakHours: 12,
  },
  {
    what: 'knock',
    title: 'It had a knock',
    group: 'incident',
    side: 'both',
    steps: ['Look for a cracked bulb. Whole: check it before it is used.'],
    caution: 'A cracked probe is thrown away; no fingers near broken glass.',
  },
  {
    what: 'wetElectronics',
    title: 'It got wet inside',
    group: 'incident',
    side: 'both',
    steps: ['Batteries out, dry it open for a day, then check it.'],
    dryHours: 24,
  },
];
