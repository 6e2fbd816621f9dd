import type { RoundStop } from '@/book/answers';
import type { Formats } from '@/words';
import { tankLine } from '@/words/parts/tankLine';
import { commonSays } from '@/words/common';
import { roundSays } from '@/words/round/round';
import {
  careLine,
  copyLine,
  correctLine,
  missedLine,
  supplyLine,
  supplyName,
} from '@/words/round/stopWords';
import { liquidName } from '@/words/shelf/lotWords';
import { penLine, rereadLine, soakLine } from '@/words/round/stopLines';

/** What a stop's label says. */
export interface StopRow {
  readonly code: string;
  readonly action: string;
  readonly name: string;
  readonly line: string;
  readonly tone: 'soft' | 'attention' | 'off' | 'ink';
}

interface Now {
  readonly formats: Formats;
  readonly nowMs: number;
  readonly dayMs: number;
}

/** The label of a stop that is still to come: what, why, and what its press does. */
export function stopRow(stop: RoundStop, { formats, nowMs, dayMs }: Now): StopRow {
  switch (stop.kind) {
    case 'lot': {
      const number = roundSays.lotNumber(stop.lot.body.lotCode || roundSays.withoutANumber);
      const name = roundSays.pastDate(liquidName(stop.lot.body, formats));
      return { code: '!', action: roundSays.look, name, line: number, tone: 'soft' };
    }
    case 'supply':
      return {
        code: '!',
        action: roundSays.look,
        name: supplyName(stop, formats),
        line: supplyLine(stop),
        tone: 'attention',
      };
    case 'copy':
      return {
        code: '!',
        action: roundSays.save,
        name: roundSays.aCopyOfTheBook,
        line: copyLine(stop),
        tone: 'attention',
      };
    case 'soak': {
      const { code, name } = stop.pen.body;
      return { code, action: roundSays.look, name, line: soakLine(stop.endMs, nowMs), tone: 'ink' };
    }
    case 'care': {
      const { code, name } = stop.pen.body;
      return { code, action: roundSays.care, name, line: careLine(stop, dayMs), tone: 'soft' };
    }
    case 'pen': {
      const { code, name } = stop.pen.body;
      const tone = stop.pen.word === 'cantBeTrusted' ? 'off' : 'soft';
      return { code, action: commonSays.check, name, line: penLine(stop, nowMs), tone };
    }
    case 'reread': {
      const { tank, dueMs } = stop;
      return {
        code: String(tank.number),
        action: roundSays.reRead,
        name: tank.body.name,
        line: rereadLine(tank, dueMs, formats, nowMs),
        tone: nowMs >= dueMs ? 'attention' : 'ink',
      };
    }
    case 'correct': {
      const { tank } = stop;
      const line = `${correctLine(stop)} ${tankLine(tank, formats, nowMs)}`;
      return {
        code: String(tank.number),
        action: tank.body.readOf ? roundSays.look : roundSays.dose,
        name: tank.body.name,
        line,
        tone: 'off',
      };
    }
    case 'tank': {
      const { tank, missedDays } = stop;
      const line = [missedLine(missedDays), tankLine(tank, formats, nowMs)]
        .filter(Boolean)
        .join(' ');
      return {
        code: String(tank.number),
        action: commonSays.read,
        name: tank.body.name,
        line,
        tone: missedDays > 0 ? 'attention' : 'soft',
      };
    }
  }
}
