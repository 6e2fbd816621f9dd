import { View } from 'react-native';
import type { PenDetailAnswer } from '@/book/answers';
import { Say } from '@/ui/text';
import { CARE_WORD, careDetail, shortDay } from '@/words';
import { penSays } from '@/words/pens/pen';
import { careDueLine, papersLine } from '@/words/pens/penLines';

/** How many of what was done to a pen are shown. */
const SHOWN = 6;

interface Props {
  readonly pen: PenDetailAnswer;
  readonly nowMs: number;
}

/** When a pen's care is due, its papers, and what was done to it last. */
export function PenCare({ pen, nowMs }: Props) {
  const papers = papersLine(pen.body);
  return (
    <>
      {pen.careDue.map((due) => {
        const text = careDueLine(due, nowMs);
        return text ? (
          <Say key={due.side} size="small">
            {text}
          </Say>
        ) : null;
      })}
      {papers ? (
        <Say size="small" tone="soft">
          {papers}
        </Say>
      ) : null}
      {pen.care.length > 0 ? (
        <View>
          <Say size="large" face="slab" heading={2}>
            {penSays.care}
          </Say>
          {pen.care.slice(0, SHOWN).map(({ id, body, atMs, by }) => (
            <Say key={id} size="small">
              {shortDay(atMs)} · {CARE_WORD[body.what]} {careDetail(body)} {by}
              {body.note ? ` · ${body.note}` : ''}
            </Say>
          ))}
        </View>
      ) : null}
    </>
  );
}
