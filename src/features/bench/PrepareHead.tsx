import { View } from 'react-native';
import { Say } from '@/ui/text';
import { prepareSays } from '@/words/bench/prepare';
import { penHints } from '@/words/bench/pressWords';
import { ModeQuestion } from './ModeQuestion';
import type { Preparing } from './usePreparing';

interface Props extends Preparing {
  readonly cups: number;
  /** The other side comes after, in the same sitting. */
  readonly then?: 'ph' | 'ec' | undefined;
}

/** Which pen is checked, how long it takes, and what to know of it before. */
export function PrepareHead({ answer, bench, quantity, cups, then }: Props) {
  const { body: pen, id } = answer.pen;
  return (
    <>
      <View>
        <Say size="huge" face="slab" heading={1}>
          {prepareSays.check(pen.code)}
        </Say>
        <Say>{prepareSays.cupsAndMinutes(cups)}</Say>
      </View>
      {then ? <Say>{then === 'ph' ? prepareSays.ecFirst : prepareSays.phFirst}</Say> : null}
      {pen.ph?.twoModes && pen.ec ? (
        <ModeQuestion penId={id} quantity={quantity} bench={bench} />
      ) : null}
      {penHints(pen, quantity, cups).map((hint) => (
        <Say key={hint} size="small" tone="soft">
          {hint}
        </Say>
      ))}
    </>
  );
}
