import type { EntryAnswer, EntryVersion } from '@/book/answers';
import type { Addition, BodyOf, CareEvent, Kind, Reading, Session } from '@/records/kinds';
import type { EntryFact } from './entryFact';
import { fieldValue, fieldWord } from '@/words/book/fieldWords';
import { thingFacts } from './thingFacts';
import { OUTCOME_SENTENCE } from '@/words/pens/penLines';
import {
  ADDITION_WORD,
  CARE_WORD,
  clock,
  dayMonthYear,
  kindName,
  SAMPLE_NAME,
  SCALE_LABEL,
  writeMoment,
  type Formats,
} from '@/words';
import type { PenId, RevId, TankId } from '@/records';

type Names = EntryAnswer['names'];

const moment = (iso: string) => writeMoment(Date.parse(iso));

function readingFacts(body: Reading, names: Names, formats: Formats): EntryFact[] {
  const { ph, ec, tempC, note } = body;
  const pen = (id: string) => names[id] ?? 'a pen that is gone';
  const shown = (value: number, repeats: readonly number[] | undefined) =>
    [value, ...(repeats ?? [])].map(String).join(', ');
  return [
    { label: 'Tank', value: names[body.tankId] ?? 'a tank that is gone' },
    { label: 'Of', value: SAMPLE_NAME[body.sampleKind].toLowerCase() },
    { label: 'Taken', value: moment(body.takenAt) },
    ...(ph
      ? [{ label: 'pH shown', value: `${shown(ph.shown, ph.repeats)} by ${pen(ph.penId)}` }]
      : []),
    ...(ec
      ? [
          {
            label: 'EC shown',
            value: `${shown(ec.shown, ec.repeats)} ${SCALE_LABEL[ec.scale]} by ${pen(ec.penId)}`,
          },
        ]
      : []),
    ...(tempC === undefined ? [] : [{ label: 'Temperature', value: formats.temp(tempC) }]),
    ...(body.volumeL === undefined
      ? []
      : [{ label: 'Level', value: formats.volume(body.volumeL) }]),
    ...(note ? [{ label: 'Note', value: note }] : []),
  ];
}

function additionFacts(body: Addition, names: Names, formats: Formats): EntryFact[] {
  const { doseMl, doseG, waterL, productName, note } = body;
  return [
    { label: 'Tank', value: names[body.tankId] ?? 'a tank that is gone' },
    { label: 'What', value: ADDITION_WORD[body.what] },
    { label: 'When', value: moment(body.at) },
    ...(productName ? [{ label: 'Product', value: productName }] : []),
    ...(doseMl === undefined ? [] : [{ label: 'Amount', value: formats.doseMl(doseMl) }]),
    ...(doseG === undefined ? [] : [{ label: 'Amount', value: `${formats.number(doseG, 2)} g` }]),
    ...(waterL === undefined ? [] : [{ label: 'Water', value: formats.volume(waterL) }]),
    ...(note ? [{ label: 'Note', value: note }] : []),
  ];
}

const lotName = (code: string | undefined) =>
  code ? `lot ${code}` : code === '' ? 'a lot without a number' : 'a lot that is gone';

function sessionFacts(body: Session, names: Names, formats: Formats): EntryFact[] {
  const { plan, events } = body;
  const unit = plan.quantity === 'ph' ? 'pH' : (plan.scale ?? 'mS/cm');
  const phaseName = { asFound: 'as found', asLeft: 'as left', confirm: 'confirming' } as const;
  const dips = events.flatMap((event) =>
    event.type === 'read'
      ? [
          {
            label: `${event.cupId}, ${phaseName[event.phase]}`,
            value: `showed ${event.shown} ${unit}`,
          },
        ]
      : event.type === 'errorShown'
        ? [{ label: `${event.cupId}, ${phaseName[event.phase]}`, value: `error ${event.text}` }]
        : [],
  );
  const poured = plan.cups.map(({ id, lotId, reused, tempC }) => ({
    label: `${id}, from`,
    value: [
      lotId === undefined ? 'a bottle that is not on the Shelf' : lotName(names[lotId]),
      reused ? 'a portion used before' : '',
      tempC === undefined ? '' : `at ${formats.temp(tempC)}`,
      lotId !== undefined && body.pastDateLots.includes(lotId) ? 'past its date' : '',
    ]
      .filter(Boolean)
      .join(', '),
  }));
  return [
    { label: 'Pen', value: names[body.penId] ?? 'a pen that is gone' },
    { label: 'Finished', value: moment(body.finishedAt) },
    { label: 'Cups at', value: formats.temp(plan.tempC) },
    { label: 'Verdict', value: OUTCOME_SENTENCE[body.outcome] },
    ...poured,
    ...dips,
    ...(body.note ? [{ label: 'Note', value: body.note }] : []),
  ];
}

function careFacts(body: CareEvent, names: Names): EntryFact[] {
  return [
    { label: 'Pen', value: names[body.penId] ?? 'a pen that is gone' },
    { label: 'What', value: CARE_WORD[body.what] },
    { label: 'When', value: moment(body.at) },
    ...(body.until ? [{ label: 'Until', value: moment(body.until) }] : []),
    ...(body.note ? [{ label: 'Note', value: body.note }] : []),
  ];
}

/** What an entry of any kind says, field by field, for kinds that have no words of their own. */
function plainFacts(
  body: Readonly<Record<string, unknown>>,
  about: { readonly names: Names; readonly formats: Formats },
): EntryFact[] {
  return Object.entries(body).flatMap(([field, value]) => {
    const label = fieldWord(field);
    if (label === undefined || value === undefined || value === '' || value === null) return [];
    return [{ label, value: fieldValue(field, value, about) }];
  });
}

/** What one version of an entry says. */
export function entryFacts(
  kind: Kind,
  body: unknown,
  { names, formats }: { readonly names: Names; readonly formats: Formats },
): readonly EntryFact[] {
  if (body === null || typeof body !== 'object') return [];
  const as = <K extends Kind>() => body as BodyOf<K>;
  if (kind === 'reading') return readingFacts(as<'reading'>(), names, formats);
  if (kind === 'addition') return additionFacts(as<'addition'>(), names, formats);
  if (kind === 'session') return sessionFacts(as<'session'>(), names, formats);
  if (kind === 'careEvent') return careFacts(as<'careEvent'>(), names);
  return (
    thingFacts(kind, body, { names, formats }) ??
    plainFacts(body as Readonly<Record<string, unknown>>, { names, formats })
  );
}

/** Who wrote a version, and when. */
function signed({ atMs, by }: EntryVersion): string {
  return `${dayMonthYear(atMs)} ${clock(atMs)}${by ? `, ${by}` : ''}`;
}

/** One version against the one before it. */
export interface VersionLine {
  readonly revId: RevId;
  /** Written, amended, voided or taken back; by whom and when. */
  readonly title: string;
  readonly why: string;
  /** "pH shown: 5.86 by P1 → 6.27 by P1". */
  readonly changes: readonly string[];
}

/** The whole story of an entry, newest first. */
export function versionLines(entry: EntryAnswer, formats: Formats): readonly VersionLine[] {
  const { kind, versions, names } = entry;
  const factsOf = (version: EntryVersion | undefined) =>
    version ? entryFacts(kind, version.body, { names, formats }) : [];
  return versions.map((version, at) => {
    const before = versions[at + 1];
    const [now, then] = [factsOf(version), factsOf(before)];
    const changes = now.flatMap(({ label, value }, index) => {
      const old = then[index]?.label === label ? then[index] : then.find((f) => f.label === label);
      return old?.value === value ? [] : [`${label}: ${old ? `${old.value} → ` : ''}${value}`];
    });
    const verb = version.body === null ? 'Voided' : before?.body ? 'Amended' : 'Written';
    return {
      revId: version.revId,
      title: `${verb} ${signed(version)}`,
      why: version.why,
      changes: version.body === null || !before?.body ? [] : changes,
    };
  });
}

/** The heading of an entry. */
export function entryTitle({ kind, versions, names }: EntryAnswer): string {
  const told = versions.find(({ body }) => body !== null)?.body as
    { penId?: PenId; tankId?: TankId } | undefined;
  const about = names[told?.tankId ?? ''] ?? names[told?.penId ?? ''];
  return about ? `${kindName(kind)} · ${about}` : kindName(kind);
}
