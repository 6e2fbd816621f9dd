import type { ReadingRow } from '@/book/answers';
import type { DoseRefusal, EcStop } from '@/core/dosing';
import { paths, type Path } from '@/shell/navigation/paths';
import type { TankId } from '@/records';
import { wayOnSays } from '@/words/dose/wayOn';

/** Where a refusal leads on to, as a button says it. */
export interface WayOn {
  readonly label: string;
  readonly href: Path;
}

interface Refused {
  readonly tankId: TankId;
  readonly reading?: ReadingRow | undefined;
}

const readAgain = (tankId: TankId): WayOn => ({
  label: wayOnSays.readIt,
  href: paths.read({ tank: tankId }),
});

/** A check of the pen that read, in the very side it read; another reading where none is known. */
function checkPen({ tankId, reading }: Refused, quantity: 'ph' | 'ec'): WayOn {
  const read = quantity === 'ph' ? reading?.ph : reading?.ec;
  if (!read) return readAgain(tankId);
  return {
    label: wayOnSays.check(read.penCode),
    href: paths.bench(read.penId, { quantity: quantity }),
  };
}

/** The way on from a refused dose; undefined where it lies on the same screen, or in waiting. */
export function wayOnFromDose(why: DoseRefusal['reason'], refused: Refused): WayOn | undefined {
  if (why === 'cannotTell') return checkPen(refused, 'ph');
  if (why === 'secondReading')
    return { ...readAgain(refused.tankId), label: wayOnSays.readItAgain };
  if (why === 'tooPure') return { label: wayOnSays.ec, href: paths.ec(refused.tankId) };
  return undefined;
}

/** The same from a refused correction of EC. */
export function wayOnFromEc(why: EcStop, refused: Refused): WayOn | undefined {
  if (why === 'cannotTell') return checkPen(refused, 'ec');
  return why === 'notRead' ? readAgain(refused.tankId) : undefined;
}
