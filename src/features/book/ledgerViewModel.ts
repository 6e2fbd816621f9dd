import type { LedgerRow } from '@/book/answers';
import { OUTCOME_SENTENCE, sessionLine } from '@/features/pens/penViewModel';
import {
  ADDITION_WORD,
  CARE_WORD,
  additionLine,
  careDetail,
  clock,
  dayMonthYear,
  kindName,
  VERDICT_WORD,
  type Formats,
  QUANTITY_NAME,
} from '@/words';
import { withItsPlusMinus } from '@/features/parts/tankLine';
import { liquidName } from '@/words/shelf/lotWords';
import { paths, type Path } from '@/shell/navigation/paths';
import { besideSays } from '@/words/book/beside';
import { comparedWords } from '@/words/pens/compare';
import { SKIP_WORD } from '@/words/round/stopWords';

/** One line of the Book, in words. */
export interface LedgerLine {
  readonly id: string;
  /** With its year: a book outlives years. */
  readonly day: string;
  readonly time: string;
  readonly title: string;
  readonly detail: string;
  readonly href: Path;
}

type RowOf<K extends LedgerRow['kind']> = Extract<LedgerRow, { readonly kind: K }>['row'];
interface Words {
  readonly title: string;
  readonly detail: string;
}

function ofReading({ tankName, ph, ec, tempC }: RowOf<'reading'>, formats: Formats): Words {
  const phText =
    ph &&
    `pH ${withItsPlusMinus(ph.judged, 'ph', formats)} ${VERDICT_WORD[ph.judged.verdict]} (${ph.penCode} showed ${formats.number(ph.shown, 2)})`;
  const ecText =
    ec?.judged &&
    `EC ${withItsPlusMinus(ec.judged, 'ec', formats)} ${formats.ecUnit} ${VERDICT_WORD[ec.judged.verdict]}`;
  const tempText = tempC === undefined ? undefined : formats.temp(tempC);
  return { title: tankName, detail: [phText, ecText, tempText].filter(Boolean).join(' · ') };
}

function ofSession(row: RowOf<'session'>, formats: Formats): Words {
  const { penCode, body } = row;
  const side = QUANTITY_NAME[body.plan.quantity];
  return {
    title: `${penCode} ${side} checked. ${OUTCOME_SENTENCE[body.outcome]}`,
    detail: sessionLine(row, formats),
  };
}

function ofControl({ penCode, body }: RowOf<'control'>, formats: Formats): Words {
  const detail = besideSays.control({
    shown: formats.number(body.shown, 2),
    nominal: formats.number(body.nominalPh, 2),
    temp: formats.temp(body.tempC),
  });
  return { title: besideSays.inControl(penCode), detail };
}

function ofJar({ tankName, body }: RowOf<'jar'>, formats: Formats): Words {
  const last = body.points.at(-1)!;
  const detail = besideSays.jarCameTo({
    product: body.productName,
    drops: formats.number(last.drops, 0),
    ph: formats.ph(last.ph),
  });
  return { title: besideSays.jar(tankName), detail };
}

/** What an entry is called and what it says. */
function wordsOf(entry: LedgerRow, formats: Formats): Words {
  switch (entry.kind) {
    case 'reading':
      return ofReading(entry.row, formats);
    case 'session':
      return ofSession(entry.row, formats);
    case 'control':
      return ofControl(entry.row, formats);
    case 'jar':
      return ofJar(entry.row, formats);
    case 'voided': {
      const { recordKind, about, why } = entry.row;
      const name = [about, kindName(recordKind).toLowerCase()].filter(Boolean).join(': ');
      return { title: besideSays.voided(name), detail: why };
    }
    case 'comparison':
      return {
        title: besideSays.compared(entry.row.penCode),
        detail: comparedWords(entry.row, formats),
      };
    case 'skip':
      return { title: besideSays.passedBy(entry.row.about), detail: SKIP_WORD[entry.row.why] };
    case 'probe':
      return { title: besideSays.probe(entry.row.penCode), detail: entry.row.body.serial };
    case 'lot': {
      const { body } = entry.row;
      return { title: besideSays.lot(liquidName(body, formats)), detail: body.lotCode };
    }
    case 'care': {
      const { penCode, body } = entry.row;
      return {
        title: `${penCode}: ${CARE_WORD[body.what]}`,
        detail: [careDetail(body), body.note].filter(Boolean).join(' · '),
      };
    }
    case 'addition': {
      const { tankName, body } = entry.row;
      return {
        title: `${tankName}: ${ADDITION_WORD[body.what]}`,
        detail: additionLine(body, formats),
      };
    }
  }
}

/** One entry in words. */
export function ledgerLine(entry: LedgerRow, formats: Formats): LedgerLine {
  const { id, by } = entry.row;
  return {
    id,
    day: dayMonthYear(entry.atMs),
    time: `${clock(entry.atMs)}${by ? ` ${by}` : ''}`,
    ...wordsOf(entry, formats),
    href: paths.entry(id),
  };
}
