import { ALKALINITY_PER_MMOL_PER_L } from '@/core/chemistry';
import type { Water } from '@/records/kinds';
import type { Formats } from '@/words';

/** Alkalinity as reports mostly state it. */
export function alkalinityText(mmolPerL: number, formats: Formats): string {
  const caco3 = mmolPerL * ALKALINITY_PER_MMOL_PER_L['mg/L CaCO3'];
  return `${formats.number(mmolPerL, 1)} mmol/L (${formats.number(caco3, 0)} mg/L CaCO3)`;
}

/** A water in one line. */
export function waterLine(water: Water, formats: Formats): string {
  const { ecMsPerCm, alkalinityMmolPerL: alkalinity, ph, basis } = water;
  const parts = [
    ecMsPerCm === undefined ? '' : `EC ${formats.ec(ecMsPerCm)} ${formats.ecUnit}`,
    alkalinity === undefined ? '' : `alkalinity ${alkalinityText(alkalinity, formats)}`,
    ph === undefined ? '' : `pH ${formats.number(ph, 1)}`,
    basis === 'report' ? 'as reported' : 'measured',
  ];
  return parts.filter(Boolean).join(' · ');
}
