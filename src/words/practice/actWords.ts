import type { Act, Cleaning, CupLabel, StoredIn, World } from '@/core/simulated-pen';
import { counted, SCALE_LABEL, type Formats } from '@/words';

/** What a cup is called: by its value, or by what is in it. */
export function cupLabelWords(label: CupLabel, formats: Formats): string {
  switch (label.kind) {
    case 'buffer':
      return formats.number(label.nominalPh, 2);
    case 'standard':
      return `${formats.number(label.nominalMsPerCm, label.nominalMsPerCm === 1.413 ? 3 : 2)} mS/cm`;
    default:
      return LIQUID[label.kind];
  }
}

/** What a bottle or sachet holds, in words. */
export function bottleWords(label: CupLabel, formats: Formats): string {
  const what = cupLabelWords(label, formats);
  if (label.kind === 'buffer') return `${what} buffer`;
  return label.kind === 'standard' ? `${what} standard` : what;
}

const LIQUID = {
  tap: 'tap water',
  pure: 'pure water',
  storage: 'storage solution',
  cleaner: 'cleaner',
  rinse: 'rinse cup',
  tank: 'tank',
  jar: 'jar',
} as const;

/** What a tip is cleaned with. */
export const CLEANING_WORDS: Readonly<Record<Cleaning, string>> = {
  swish: 'Swish in soapy water',
  cleaner: 'Half an hour in cleaner',
  brush: 'Soft brush',
  ethanol: 'Wipe with alcohol',
  scrubFace: 'Scrub the EC face',
  scrape: 'Scrape the crystals off',
  warmWater: 'Warm water',
};

/** What the cap is filled with. */
export const CAP_WORDS: Partial<Readonly<Record<StoredIn, string>>> = {
  storage: 'storage solution',
  ph4: 'pH 4 buffer',
  dampPaper: 'damp paper',
  tapWater: 'tap water',
  pureWater: 'pure water',
  dry: 'nothing',
};

const PLAIN: Partial<Readonly<Record<Act['do'], string>>> = {
  power: 'Pressed ON/OFF',
  mode: 'Pressed MODE',
  hold: 'Pressed HOLD',
  measure: 'Pressed to measure',
  lift: 'Lifted it out',
  stir: 'Stirred',
  shake: 'Shook it off',
  blot: 'Blotted it',
  wipe: 'Wiped it dry',
  touch: 'Touched the bulb',
  tapOff: 'Tapped bubbles off',
  uncap: 'Took the cap off',
  waitStill: 'Waited until still',
};

const PAST: Readonly<Record<Cleaning, string>> = {
  swish: 'Swished it in soapy water',
  cleaner: 'Left it in cleaner for half an hour',
  brush: 'Brushed it softly',
  ethanol: 'Wiped it with alcohol',
  scrubFace: 'Scrubbed the EC face',
  scrape: 'Scraped the crystals off',
  warmWater: 'Dissolved the salt in warm water',
};

const DIAL = { zero: 'zero', slope: 'slope dial', cell: 'EC dial' } as const;

/** One act as it stands in the list of what was done. */
export function actWords(act: Act, world: World, formats: Formats): string {
  const unit =
    world.firmware.side === 'ph' ? 'pH' : SCALE_LABEL[world.profile.ec?.scale ?? 'mS/cm'];
  const cup = (id: string) => {
    const at = world.cups[id];
    return at ? cupLabelWords(at.label, formats) : id;
  };
  switch (act.do) {
    case 'cal':
      return act.seconds < 1 ? 'Pressed CAL shortly' : `Held CAL for ${Math.round(act.seconds)} s`;
    case 'step':
      return `Stepped to ${formats.number(act.shown, 2)} ${unit}`;
    case 'turn':
      return `Turned the ${DIAL[act.dial]} to ${formats.number(act.shown, 2)} ${unit}`;
    case 'dip':
      return `Dipped in the ${cup(act.cup)}`;
    case 'rinse':
      return act.with === 'tap' ? 'Rinsed in tap water' : 'Rinsed in pure water';
    case 'pour':
      return `Poured fresh ${cup(act.cup)}`;
    case 'pourBack':
      return `Poured the ${cup(act.cup)} back into its bottle`;
    case 'dissolve':
      return `Dissolved the ${cup(act.cup)} in ${act.waterMl} mL`;
    case 'cap':
      return `Capped it with ${CAP_WORDS[act.with] ?? act.with}`;
    case 'clean':
      return PAST[act.how];
    case 'wetFilm':
      return world.wetFilm
        ? 'Wet-film test: water spreads'
        : 'Wet-film test: water pulls into drops';
    case 'note':
      return noteWords(act.what, world, formats);
    case 'answer':
      return 'Gave an answer';
    case 'drops':
      return `${counted(act.drops, 'drop')} into the jar`;
    case 'dose':
      return `${formats.number(act.ml, 1)} mL of ${act.reagent} into the tank`;
    case 'wait':
      return `Waited ${Math.round(act.seconds)} s`;
    case 'rest':
      return act.hours < 1
        ? `Let ${counted(Math.round(60 * act.hours), 'minute')} pass`
        : `Let ${Math.round(act.hours)} h pass`;
    default:
      return PLAIN[act.do] ?? act.do;
  }
}

/** What was written down, with its number and unit. */
function noteWords(what: string, world: World, formats: Formats): string {
  const note = world.notes.findLast((one) => one.what === what);
  const shown = note ? formats.number(note.shown, 2) : '–';
  const [phase, id = ''] = what.split(' ');
  const cup = world.cups[id];
  const isEc = cup?.label.kind === 'standard';
  const unit = isEc ? SCALE_LABEL[world.profile.ec?.scale ?? 'mS/cm'] : 'pH';
  const where = cup ? cupLabelWords(cup.label, formats) : what;
  return phase === 'found'
    ? `As found in the ${where}: ${shown} ${unit}`
    : `Wrote down ${shown} ${unit}`;
}
