import type { ProductAnswer } from '@/book/answers';
import { isDry, molPerUnit, type Strength } from '@/core/chemistry';
import type { OwnProduct } from '@/records/kinds';
import type { GenericProduct } from '@/records/products';
import type { Formats } from '@/words';
import { REAGENT_NAME } from './reagents';

/** How strong a label says it is. */
function howStrong(strength: Strength, formats: Formats): string {
  switch (strength.kind) {
    case 'percentByMass':
      return `${formats.number(strength.percent, 0)} % by mass, ${formats.number(strength.densityGPerMl, 2)} g/mL`;
    case 'weightByVolume':
      return `${formats.number(strength.gPerL, 0)} g/L, ${formats.number(strength.gPerL / 10, 1)} % w/v`;
    case 'dry':
      return 'a powder';
    case 'equivalents':
      return `${formats.number(strength.molPerL, 2)} mol/L`;
    case 'diluted':
      return `${howStrong(strength.of, formats)}, 1 part in ${formats.number(strength.parts, 0)}`;
    case 'unknown':
      return 'unknown';
  }
}

/** What a product is and how strong, in one line. */
export function strengthWords(product: OwnProduct, formats: Formats): string {
  const { strength, reagent, dilutedParts, group } = product;
  const how = strength.kind === 'unknown' ? 'strength unknown' : howStrong(strength, formats);
  const diluted = dilutedParts === undefined ? '' : `1 part in ${formats.number(dilutedParts, 0)}`;
  const trained = group === 'trained' ? 'for trained people' : '';
  return [REAGENT_NAME[reagent], how, diluted, trained].filter(Boolean).join(' · ');
}

/** A product in general as a row: its name, how strong by mass, and what one mL or gram of it holds. */
export function generalRow({ id, name, product }: GenericProduct, formats: Formats) {
  const held = molPerUnit(product);
  const unit = isDry(product) ? 'g' : 'mL';
  return {
    id,
    cells: [
      name,
      howStrong(product.strength, formats),
      held.ok ? `${formats.number(1000 * held.value, 1)} mmol in a ${unit}` : 'its doses tell',
    ],
  };
}

/** What is left of it. */
export function leftWords({ body, left }: ProductAnswer, formats: Formats): string {
  if (left === undefined) return 'how much is left nobody said';
  const unit = body.strength.kind === 'dry' && body.dilutedParts === undefined ? 'g' : 'mL';
  return left === 0 ? 'none left' : `${formats.number(left, 0)} ${unit} left`;
}
