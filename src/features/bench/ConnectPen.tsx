import type { PenAnswer } from '@/book/answers';
import { useBook } from '@/book/react';
import type { Cup } from '@/core/procedure';
import { standInConnected, useStandInConnected, type StandInProps } from '@/shell/standIn';
import { chunkPart } from '@/shell/chunk';
import { Button } from '@/ui/button';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { dipSays } from '@/words/bench/dip';

const Simulated = chunkPart<StandInProps & object>('practice', 'StandIn');

interface Props {
  readonly pen: PenAnswer;
  readonly cup: Cup;
  readonly tempC: number;
  /** It is adjusted in this dip: the stand-in does so once it is still. */
  readonly adjusts: boolean;
}

/** In the demo: a simulated pen in place of one with a cable. */
export function ConnectPen({ pen, cup, tempC, adjusts }: Props) {
  const { opened } = useBook();
  const connected = useStandInConnected();
  if (opened.book !== 'demo') return null;
  if (!connected)
    return <Button kind="text" label={dipSays.connect} onPress={() => standInConnected(true)} />;
  const label =
    cup.quantity === 'ph'
      ? ({ kind: 'buffer', nominalPh: cup.buffer.nominalPh } as const)
      : ({ kind: 'standard', nominalMsPerCm: cup.standard.nominalMsPerCm } as const);
  return (
    <Panel tone="wash">
      <Simulated
        profile={pen.body}
        code={pen.body.code}
        stands={{ in: 'cup', label, tempC }}
        adjusts={adjusts}
      />
      <Say size="small">{dipSays.connected}</Say>
      <Button kind="text" label={dipSays.disconnect} onPress={() => standInConnected(false)} />
    </Panel>
  );
}
