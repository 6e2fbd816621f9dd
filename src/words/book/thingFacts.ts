import type { EntryAnswer } from '@/book/answers';
import type {
  Comparison,
  ControlReading,
  JarTest,
  Kind,
  Lot,
  Probe,
  BodyOf,
} from '@/records/kinds';
import { writeMoment, type Formats, QUANTITY_NAME } from '@/words';
import { amendSays } from '@/words/book/amend';
import { factSays } from '@/words/book/facts';
import { SKIP_WORD } from '@/words/round/stopWords';
import { liquidName } from '@/words/shelf/lotWords';
import type { EntryFact } from './entryFact';

interface About {
  readonly names: EntryAnswer['names'];
  readonly formats: Formats;
}

const moment = (iso: string) => writeMoment(Date.parse(iso));
const fact = (label: string, value: string | undefined): EntryFact[] =>
  value ? [{ label, value }] : [];
const named = (names: EntryAnswer['names'], id: string | undefined) =>
  id === undefined ? undefined : (names[id] ?? factSays.gone);

const jar = (body: JarTest, { names, formats }: About): EntryFact[] => [
  ...fact(amendSays.tank, named(names, body.tankId)),
  ...fact(amendSays.when, moment(body.at)),
  ...fact(factSays.product, body.productName),
  ...fact(amendSays.sampleL, `${formats.number(1000 * body.sampleL, 0)} mL`),
  ...fact(factSays.drop, `${formats.number(body.dropMl, 3)} mL`),
  ...body.points.flatMap(({ drops, ph }, at) =>
    fact(factSays.step(at + 1), factSays.dropsMade(formats.number(drops, 0), `${ph} pH`)),
  ),
  ...fact(factSays.aim, `${formats.ph(body.aimPh)} pH`),
  ...fact(factSays.readWith, named(names, body.penId)),
  ...fact(amendSays.note, body.note),
];

const control = (body: ControlReading, { names, formats }: About): EntryFact[] => [
  ...fact(factSays.pen, named(names, body.penId)),
  ...fact(amendSays.when, moment(body.at)),
  ...fact(amendSays.nominal, `${formats.number(body.nominalPh, 2)} pH`),
  ...fact(amendSays.shown, `${body.shown} pH`),
  ...fact(amendSays.temperature, formats.temp(body.tempC)),
  ...fact(amendSays.note, body.note),
];

const comparison = (body: Comparison, { names, formats }: About): EntryFact[] => {
  const { against, what } = body;
  const shown = (value: number) =>
    what === 'temp' ? formats.temp(value) : what === 'ph' ? `${value} pH` : factSays.ecShown(value);
  const other =
    against.by === 'pen'
      ? factSays.penShowed(named(names, against.penId) ?? '', shown(against.shown))
      : against.by === 'thermometer'
        ? factSays.thermometer(formats.temp(against.shownC))
        : factSays.ice;
  return [
    ...fact(factSays.pen, named(names, body.penId)),
    ...fact(amendSays.when, moment(body.at)),
    ...fact(amendSays.shown, shown(body.shown)),
    ...fact(factSays.against, other),
    ...fact(amendSays.temperature, body.tempC === undefined ? '' : formats.temp(body.tempC)),
    ...fact(amendSays.note, body.note),
  ];
};

const probe = (body: Probe, { names }: About): EntryFact[] => [
  ...fact(factSays.pen, named(names, body.penId)),
  ...fact(factSays.side, QUANTITY_NAME[body.side]),
  ...fact(amendSays.number, body.serial),
  ...fact(amendSays.fitted, moment(body.fittedAt)),
  ...fact(factSays.certificate, body.certificate),
  ...fact(amendSays.note, body.note),
];

const lot = (body: Lot, { formats }: About): EntryFact[] => [
  ...fact(factSays.liquid, liquidName(body, formats)),
  ...fact(amendSays.lotCode, body.lotCode),
  ...fact(factSays.opened, body.openedAt && moment(body.openedAt)),
  ...fact(amendSays.expires, body.expiresAt && moment(body.expiresAt)),
  ...fact(
    amendSays.left,
    body.left === undefined
      ? ''
      : `${formats.number(body.left, 0)} ${body.form === 'sachet' ? factSays.sachets : 'mL'}`,
  ),
  ...fact(amendSays.note, body.note),
];

const skip = (body: BodyOf<'skip'>): EntryFact[] => [
  ...fact(amendSays.when, moment(body.at)),
  ...fact(factSays.why, SKIP_WORD[body.why]),
  ...fact(amendSays.note, body.note),
];

/** What an entry about a jar, the house control, a comparison, a probe, a lot or a stop says. */
export function thingFacts(kind: Kind, body: unknown, about: About): EntryFact[] | undefined {
  switch (kind) {
    case 'jarTest':
      return jar(body as JarTest, about);
    case 'controlReading':
      return control(body as ControlReading, about);
    case 'comparison':
      return comparison(body as Comparison, about);
    case 'probe':
      return probe(body as Probe, about);
    case 'lot':
      return lot(body as Lot, about);
    case 'skip':
      return skip(body as BodyOf<'skip'>);
    default:
      return undefined;
  }
}
