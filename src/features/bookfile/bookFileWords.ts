import type { BundleRefusal, FilePreview } from '@/book/client';
import type { Kind } from '@/records';
import { clock, shortDay } from '@/words';

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
  profile: ['profile', 'profiles'],
  setting: ['settings', 'settings'],
};

/** A kind in a heading. */
export function kindName(kind: Kind): string {
  const [one] = KIND_NAME[kind];
  return `${one[0]!.toUpperCase()}${one.slice(1)}`;
}

/** The name of the file of a book, with its day. */
export function fileName(book: 'own' | 'demo', nowMs: number): string {
  const at = new Date(nowMs);
  const two = (n: number) => String(n).padStart(2, '0');
  const day = `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`;
  return `${book === 'demo' ? 'demo' : 'book'}-${day}.zolder.json`;
}

/** Why a file is not taken, and what to do. */
export function refusalSentence(refusal: BundleRefusal): string {
  switch (refusal.reason) {
    case 'tooLarge':
      return `This file is larger than a book can be (${Math.round(refusal.limitBytes / 1e6)} MB). Is it the right one?`;
    case 'notOurs':
      return 'This is not a book of Zolder. Choose a file that ends in .zolder.json.';
    case 'cutOff':
      return 'This file ends in the middle. Save or send it once more from where it came from.';
    case 'newer':
      return 'This file was written by a newer Zolder. Update this one first, then take it in.';
    case 'badRecord':
      return `Entry ${refusal.place} of this file does not hold together (${[refusal.path, refusal.message].filter(Boolean).join(': ')}). The file was changed or damaged.`;
  }
}

/** What taking a file in would do, line by line. */
export function previewLines(preview: FilePreview): readonly string[] {
  const { counts, newByKind, fresh, clashes } = preview;
  if (fresh === 0) return ['Everything in it is here already.'];
  const news = (Object.keys(newByKind) as Kind[]).map((kind) => {
    const count = newByKind[kind] ?? 0;
    return `${count} ${KIND_NAME[kind][count === 1 ? 0 : 1]}`;
  });
  const lines = [
    news.length > 0 ? `New: ${news.join(', ')}.` : '',
    counts.changedThere > 0 ? `Changed there, not here: ${counts.changedThere}.` : '',
    counts.changedOnBothSides > 0
      ? `Changed on both sides: ${counts.changedOnBothSides}; you choose after taking it in.`
      : '',
    counts.changedHere > 0 ? `Newer here, kept: ${counts.changedHere}.` : '',
    counts.same > 0 ? `The same on both sides: ${counts.same}.` : '',
    clashes > 0
      ? `${clashes} entries bear a known name with other contents; they are left out.`
      : '',
  ];
  return lines.filter(Boolean);
}

/** Who changed a record, and when. */
export function headName(head: {
  readonly atMs: number;
  readonly by: string;
  readonly deleted: boolean;
}): string {
  const who = head.by ? `${head.by}, ` : '';
  return `${head.deleted ? 'deleted, ' : ''}${who}${shortDay(head.atMs)} ${clock(head.atMs)}`;
}
