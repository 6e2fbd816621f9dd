import { tzOffset } from '@date-fns/tz/tzOffset';
import { MINUTE_MS } from '@/core/units';

const two = (value: number) => String(Math.floor(value)).padStart(2, '0');

/**
 * A moment as ISO 8601 with the offset of its zone then: 2026-05-20T07:40:00+02:00. An unknown zone
 * counts as UTC. Source: ISO 8601-1:2019.
 */
export function isoMoment(ms: number, zone: string): string {
  const found = tzOffset(zone, new Date(ms));
  const offset = Number.isFinite(found) ? found : 0;
  const local = new Date(ms + offset * MINUTE_MS).toISOString().slice(0, 19);
  const size = Math.abs(offset);
  return `${local}${offset < 0 ? '-' : '+'}${two(size / 60)}:${two(size % 60)}`;
}
