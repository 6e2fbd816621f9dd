import { useState } from 'react';
import { correctEc } from '@/acts';
import { unknownStock } from '@/acts/pourings';
import type { EcDoseAnswer } from '@/book/answers';
import { thisMoment } from '@/book/client';
import { useAct } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { useGoOn } from '@/shell/navigation/useGoOn';
import { Button } from '@/ui/button';
import { Panel } from '@/ui/layout';
import { NumberField } from '@/ui/number-field';
import { Say } from '@/ui/text';
import { parseDecimal } from '@/words';
import { pourInto } from './doseModel';
import { paths } from '@/shell/navigation/paths';
import { ecSays } from '@/words/dose/ec';

/** More than this in one go is a slip of the finger, mL. */
const MOST_ML = 100_000;

/** Stock of a strength nobody knows: what was poured is booked, and the re-reading tells what it adds. */
export function StockPoured({ answer }: { readonly answer: EcDoseAnswer }) {
  const { act, busy } = useAct();
  const formats = useFormats();
  const goOn = useGoOn();
  const [typed, setTyped] = useState('');
  const [asked, setAsked] = useState(false);
  const parsed = parseDecimal(typed);
  const eachMl =
    parsed.ok && parsed.value > 0 && parsed.value <= MOST_ML ? parsed.value : undefined;
  const book = async () => {
    setAsked(true);
    if (eachMl === undefined) return;
    const { tank, reading } = answer;
    const body = unknownStock(
      pourInto(answer, thisMoment().nowMs),
      eachMl,
      reading?.ec?.judged?.value,
    );
    if (await act(correctEc(tank, [body], undefined))) goOn.to(paths.tank(tank.id));
  };
  return (
    <Panel>
      <Say bold>{ecSays.orPourALittleAndRead}</Say>
      <Say size="small">
        {ecSays.bookWhatWentIn(formats.number(answer.tank.body.volumeL / 2, 0))}
      </Say>
      <NumberField
        label={ecSays.ofEach}
        unit="mL"
        typed={typed}
        onType={setTyped}
        size="large"
        message={asked && eachMl === undefined ? { text: ecSays.amountNeeded } : undefined}
      />
      <Button wet label={ecSays.pouredStartMixing} disabled={busy} onPress={book} />
    </Panel>
  );
}
