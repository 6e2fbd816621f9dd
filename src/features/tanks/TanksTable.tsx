import type { ComponentProps } from 'react';
import type { AcrossTanks as AcrossTanksDrawn } from './AcrossTanks';
import { chunkPart } from '@/shell/chunk';
import { useState } from 'react';
import { useAnswer, useNowMs, questions } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { DataTable } from '@/features/parts/DataTable';
import { Choice } from '@/ui/form';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { tankRows, TANK_HEADS } from './tankRows';

const AcrossTanks = chunkPart<ComponentProps<typeof AcrossTanksDrawn>>('charts', 'AcrossTanks');

/** All tanks side by side: newest values, verdicts, where they go. */
export function TanksTable() {
  const nowMs = useNowMs();
  const formats = useFormats();
  const [as, setAs] = useState<'table' | 'strips'>('table');
  const { data: tanks } = useAnswer(questions.tanks(nowMs));
  if (!tanks) return <Skeleton label="Loading tanks" />;
  return (
    <Screen>
      <Say size="huge" face="slab" heading={1}>
        All tanks
      </Say>
      <Choice
        label="Shown as"
        quietLabel
        value={as}
        onChoose={setAs}
        options={[
          { value: 'table', label: 'Table' },
          { value: 'strips', label: 'Strips' },
        ]}
      />
      {as === 'strips' ? (
        <AcrossTanks tanks={tanks.filter(({ body }) => !body.retired)} nowMs={nowMs} />
      ) : (
        <>
          <Say size="small" tone="soft">
            Corrected values. Press a head to sort, a name to open.
          </Say>
          <DataTable
            label="All tanks"
            heads={TANK_HEADS(formats)}
            rows={tankRows(tanks, formats, nowMs)}
          />
        </>
      )}
    </Screen>
  );
}
