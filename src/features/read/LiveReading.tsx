import { View } from 'react-native';
import type { TankAnswer } from '@/book/answers';
import { useBook } from '@/book/react';
import { chunkPart } from '@/shell/chunk';
import { standInConnected, useStandInConnected, type StandInProps } from '@/shell/standIn';
import { Button } from '@/ui/button';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { liveLine, readSays } from '@/words/read/read';
import { useLiveReading } from './useLiveReading';
import type { useReadForm } from './useReadForm';

const Simulated = chunkPart<StandInProps & object>('practice', 'StandIn');

interface Props {
  readonly form: ReturnType<typeof useReadForm>;
  readonly tank: TankAnswer;
}

/** What comes live from a connected pen: whether it stands still, and where it is heading. */
export function LiveReading({ form }: Pick<Props, 'form'>) {
  const sides = useLiveReading(form);
  const scale = form.ecPen?.body.ec?.scale;
  if (sides.length === 0) return null;
  return (
    <Panel tone="wash">
      <View role="status" aria-live="polite">
        {sides.map(({ quantity, state }) => (
          <Say key={quantity} size="small">
            {liveLine(quantity, state, form.formats, quantity === 'ec' ? scale : undefined)}
          </Say>
        ))}
      </View>
    </Panel>
  );
}

/** What the stand-ins take for the tank where it was never read. */
const USUAL = { ph: 6, ecMsPerCm: 1.6, tempC: 21 } as const;

/** In the demo: simulated pens in place of connected ones, one for each pen in the hand. */
export function ConnectHere({ form, tank }: Props) {
  const { opened } = useBook();
  const connected = useStandInConnected();
  const { phPen, ecPen } = form;
  const pens = [phPen, ecPen === phPen ? undefined : ecPen].flatMap((pen) => (pen ? [pen] : []));
  if (opened.book !== 'demo' || pens.length === 0) return null;
  const stands = { in: 'tank', ...USUAL, ph: tank.latest?.ph?.shown ?? USUAL.ph } as const;
  return (
    <>
      {connected
        ? pens.map((pen) => (
            <Simulated key={pen.id} profile={pen.body} code={pen.body.code} stands={stands} />
          ))
        : null}
      <Button
        kind="text"
        label={connected ? readSays.disconnect : readSays.connect}
        onPress={() => standInConnected(!connected)}
      />
    </>
  );
}
