import type { Conflict } from '@/book/answers';
import type { BundleRefusal, FilePreview } from '@/book/client';
import type { Kind } from '@/records/kinds';
import { clock, countEntries, countOfKind, shortDay, type Formats } from '@/words';
import { fieldValue, fieldWord } from '../book/fieldWords';

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
      return `This file was rewritten by another program, and is too large to be read that way (over ${Math.round(refusal.limitBytes / 1e6)} MB). Take the file as Zolder made it.`;
    case 'changed':
      return 'This file was changed or damaged after it was made. Save or send it once more from where it came from.';
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
  const { counts, newByKind, fresh, clashes, unknownParents, setAside, erased, erases } = preview;
  const gone =
    erased > 0
      ? [`${countEntries(erased)} of it ${erased === 1 ? 'was' : 'were'} erased: not taken in.`]
      : [];
  if (fresh === 0 && clashes === 0)
    return gone.length > 0
      ? [...gone, 'All else is here already.']
      : ['Everything in it is here already.'];
  const news = (Object.keys(newByKind) as Kind[]).map((kind) =>
    countOfKind(newByKind[kind] ?? 0, kind),
  );
  const lines = [
    news.length > 0 ? `New: ${news.join(', ')}.` : '',
    counts.changedThere > 0 ? `Changed there, not here: ${counts.changedThere}.` : '',
    counts.changedOnBothSides > 0
      ? `Changed on both sides: ${counts.changedOnBothSides}; you choose after taking it in.`
      : '',
    counts.changedHere > 0 ? `Newer here, kept: ${counts.changedHere}.` : '',
    counts.same > 0 ? `The same on both sides: ${counts.same}.` : '',
    clashes > 0
      ? `${countEntries(clashes)} differ from what is here under the same name. Of each, every device keeps the same one.`
      : '',
    unknownParents > 0
      ? `${countEntries(unknownParents)} build on older ones that are neither in this file nor here.`
      : '',
    setAside > 0
      ? `${setAside} damaged ${setAside === 1 ? 'part' : 'parts'} of the book it came from cannot be taken in.`
      : '',
  ];
  const goes =
    erases > 0
      ? [
          `${countEntries(erases)} here ${erases === 1 ? 'was' : 'were'} erased there and will go here too.`,
        ]
      : [];
  return [...lines.filter(Boolean), ...gone, ...goes];
}

/** In what two versions of a record differ: "Volume: 120 L or 140 L". */
export function differenceLines(
  { differs, names }: Pick<Conflict, 'differs' | 'names'>,
  formats: Formats,
): readonly string[] {
  const lines = differs.flatMap(({ field, values }) => {
    const word = fieldWord(field);
    if (word === undefined) return [];
    const written = values.map((value) => fieldValue(field, value, { names, formats }));
    // Two that read the same differ deeper than one line can say.
    return new Set(written).size === 1
      ? [`${word}: filled in otherwise.`]
      : [`${word}: ${written.join(' or ')}`];
  });
  return lines.length === 0 && differs.length > 0 ? ['They differ in a detail.'] : lines;
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
