import type { Verdict } from '@/core/verdict';
import { useFormats } from '@/shell/formats';
import { Measured, Strip } from '@/ui/chart';
import { Panel } from '@/ui/layout';
import { Notch } from '@/ui/notch';
import { Say } from '@/ui/text';
import { color } from '@/ui/tokens';
import { helpSays, HISTORY_KEY, PEN_KEY } from '@/words/help/help';
import type { Formats } from '@/words';
import { writeError } from '@/words/pens/driftWords';
import { holdsWords } from '@/words/help/helpPlaces';
import { HISTORY_EXAMPLE, PEN_EXAMPLE } from './keyExamples';

/** A band from 5.5 to 6.5 pH with a reading in each of the positions it can have. */
const READINGS: readonly {
  readonly value: number;
  readonly expandedU: number;
  readonly verdict: Verdict;
  readonly says: readonly string[];
}[] = [
  { value: 6, expandedU: 0.1, verdict: 'in', says: [helpSays.markIn, helpSays.markWidth] },
  { value: 6.45, expandedU: 0.12, verdict: 'probablyIn', says: [helpSays.markProbably] },
  { value: 6.9, expandedU: 0.1, verdict: 'high', says: [helpSays.markOut] },
  { value: 6.1, expandedU: 0.7, verdict: 'cantTell', says: [helpSays.markCantTell] },
];

const CHARTS = [
  {
    title: helpSays.historyTitle,
    drawn: helpSays.historyDrawn,
    says: HISTORY_KEY,
    example: HISTORY_EXAMPLE,
    write: (value: number, formats: Formats) => `${formats.number(value, 1)} pH`,
  },
  {
    title: helpSays.penTitle,
    drawn: helpSays.penDrawn,
    says: PEN_KEY,
    example: PEN_EXAMPLE,
    write: (value: number, formats: Formats) => writeError(value, 'ph', formats),
  },
];

const holds = (typed: string) => (entry: { readonly says: readonly string[] }) =>
  holdsWords(entry.says.join(' '), typed);

/** Whether the key says anything of the words typed. */
export const keyHolds = (typed: string): boolean => [...READINGS, ...CHARTS].some(holds(typed));

/** What the drawings mean, each drawn and said; only those that hold the words typed. */
export function DrawingsKey({ typed }: { readonly typed: string }) {
  const formats = useFormats();
  return (
    <>
      {READINGS.filter(holds(typed)).map(({ says, ...reading }) => (
        <Panel key={says[0]}>
          <Notch
            size="row"
            band={{ low: 5.5, high: 6.5 }}
            reading={reading}
            sentence={helpSays.drawing(says[0]!)}
          />
          {says.map((text) => (
            <Say key={text}>{text}</Say>
          ))}
        </Panel>
      ))}
      {CHARTS.filter(holds(typed)).map(({ title, drawn, says, example, write }) => (
        <Panel key={title}>
          <Say bold>{title}</Say>
          <Measured>
            {(width) => (
              <Strip
                size={{ width, height: 130, left: 84 }}
                look={{ color: color.seriesPh }}
                write={(value) => write(value, formats)}
                sentence={drawn}
                {...example}
              />
            )}
          </Measured>
          {says.map((text) => (
            <Say key={text}>{text}</Say>
          ))}
        </Panel>
      ))}
    </>
  );
}
