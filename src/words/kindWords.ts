import type { Kind } from '@/records/kinds';
import { counted, inGroups } from './counted';

/** What a kind of record is called, one and many. */
const KIND_NAME: Readonly<Record<Kind, readonly [one: string, many: string]>> = {
  person: ['person', 'people'],
  pen: ['pen', 'pens'],
  lot: ['lot', 'lots'],
  tank: ['tank', 'tanks'],
  reading: ['reading', 'readings'],
  session: ['check', 'checks'],
  benchDraft: ['open sitting', 'open sittings'],
  careEvent: ['care entry', 'care entries'],
  addition: ['dose or top-up', 'doses and top-ups'],
  water: ['water', 'waters'],
  product: ['product', 'products'],
  jarTest: ['jar test', 'jar tests'],
  probe: ['probe', 'probes'],
  controlReading: ['house control', 'house controls'],
  comparison: ['comparison', 'comparisons'],
  profile: ['profile', 'profiles'],
  skip: ['stop passed by', 'stops passed by'],
  standing: ['sample left to stand', 'samples left to stand'],
  setting: ['settings', 'settings'],
  intake: ['table taken in', 'tables taken in'],
  erasure: ['erasure', 'erasures'],
};

/** A kind in a heading. */
export function kindName(kind: Kind): string {
  const [one] = KIND_NAME[kind];
  return `${one[0]!.toUpperCase()}${one.slice(1)}`;
}

/** Several of a kind, in a heading or a choice. */
export function kindsName(kind: Kind): string {
  const many = KIND_NAME[kind][1];
  return `${many[0]!.toUpperCase()}${many.slice(1)}`;
}

/** So many of a kind: 1 reading, 2 readings. */
export function countOfKind(count: number, kind: Kind): string {
  return `${inGroups(count)} ${KIND_NAME[kind][count === 1 ? 0 : 1]}`;
}

/** So many entries: 1 entry, 2 entries. */
export function countEntries(count: number): string {
  return counted(count, 'entry');
}
