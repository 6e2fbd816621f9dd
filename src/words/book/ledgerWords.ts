import type { LedgerRow } from '@/book/answers';
import {
  ADDITION_WORD,
  CARE_WORD,
  additionLine,
  careDetail,
  kindName,
  QUANTITY_NAME,
  VERDICT_WORD,
  type Formats,
} from '@/words';
import { withItsPlusMinus } from '../parts/tankLine';
import { comparedWords } from '../pens/compare';
import { OUTCOME_SENTENCE, sessionLine } from '../pens/penLines';
import { SKIP_WORD } from '../round/stopWords';
import { liquidName } from '../shelf/lotWords';
import { besideSays } from './beside';

type RowOf<K extends LedgerRow['kind']> = Extract<LedgerRow, { readonly kind: K }>['row'];
/** What an entry is called and what it says. */
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

/** An entry of the Book in words. */
export function ledgerWords(entry: LedgerRow, formats: Formats): Words {
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
