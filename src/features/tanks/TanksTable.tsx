import type { ComponentProps } from 'react';
import type { AcrossTanks as AcrossTanksDrawn } from './AcrossTanks';
import { chunkPart } from '@/shell/chunk';
import { useState } from 'react';
import { useAnswer, useNowMs, questions } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { EmptyPlace } from '@/features/parts/EmptyPlace';
import { DataTable } from '@/features/parts/DataTable';
import { Choice } from '@/ui/form';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { commonSays } from '@/words/common';
import { tanksSays } from '@/words/tanks/tanks';
import { tankRows, TANK_HEADS } from './tankRows';

const AcrossTanks = chunkPart<ComponentProps<typeof AcrossTanksDrawn>>('charts', 'AcrossTanks');

/** All tanks side by side: newest values, verdicts, where they go. */
export function TanksTable() {
  const nowMs = useNowMs();
  const formats = useFormats();
  const [as, setAs] = useState<'table' | 'strips'>('table');
  const { data: tanks } = useAnswer(questions.tanks(nowMs));
  if (!tanks) return <Skeleton label={tanksSays.loadingTanks} />;
  if (tanks.length === 0) return <EmptyPlace place="tanks" />;
  return (
    <Screen>
      <Say size="huge" face="slab" heading={1}>
        {commonSays.allTanks}
      </Say>
      <Choice
        label={tanksSays.shownAs}
        quietLabel
        value={as}
        onChoose={setAs}
        options={[
          { value: 'table', label: tanksSays.table },
          { value: 'strips', label: tanksSays.strips },
        ]}
      />
      {as === 'strips' ? (
        <AcrossTanks tanks={tanks.filter(({ body }) => !body.retired)} nowMs={nowMs} />
      ) : (
        <>
          <Say size="small" tone="soft">
            {tanksSays.tableHint}
          </Say>
          <DataTable
            label={commonSays.allTanks}
            heads={TANK_HEADS(formats)}
            rows={tankRows(tanks, formats, nowMs)}
          />
        </>
      )}
    </Screen>
  );
}
