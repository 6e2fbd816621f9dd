import type { ProductAnswer } from '@/book/answers';
import type { OwnProduct } from '@/records/kinds';
import type { Formats } from '@/words';
import { REAGENT_NAME } from './productSchema';

/** What a product is and how strong, in one line. */
export function strengthWords(product: OwnProduct, formats: Formats): string {
  const { strength, reagent, dilutedParts, group } = product;
  const how =
    strength.kind === 'percentByMass'
      ? `${formats.number(strength.percent, 0)} % by mass, ${formats.number(strength.densityGPerMl, 2)} g/mL`
      : strength.kind === 'dry'
        ? 'a powder'
        : strength.kind === 'equivalents'
          ? `${formats.number(strength.molPerL, 2)} mol/L`
          : 'strength unknown';
  const diluted = dilutedParts === undefined ? '' : `1 part in ${formats.number(dilutedParts, 0)}`;
  const trained = group === 'trained' ? 'for trained people' : '';
  return [REAGENT_NAME[reagent], how, diluted, trained].filter(Boolean).join(' · ');
}

/** What is left of it. */
export function leftWords({ body, left }: ProductAnswer, formats: Formats): string {
  if (left === undefined) return 'how much is left nobody said';
  const unit = body.strength.kind === 'dry' && body.dilutedParts === undefined ? 'g' : 'mL';
  return left === 0 ? 'none left' : `${formats.number(left, 0)} ${unit} left`;
}
