import { useLocalSearchParams } from 'expo-router';
import { View } from 'react-native';
import type { PenDetailAnswer } from '@/book/answers';
import { questions, useAnswer, useNowMs } from '@/book/react';
import { PenNotThere } from '@/features/parts/PenNotThere';
import { SaveBar } from '@/features/parts/SaveBar';
import type { PenId } from '@/records';
import { useFormats } from '@/shell/formats';
import { Panel, Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { commonSays } from '@/words/common';
import { comparisonLine, compareSays } from '@/words/pens/compare';
import { AgainstQuestion, ShownFields, WhatQuestion } from './CompareFields';
import { useCompare, type Comparing } from './useCompare';

/** A pen beside a checked one in the same liquid, or its thermometer beside another: no calibration. */
export function CompareScreen() {
  const { penId } = useLocalSearchParams<{ penId: PenId }>();
  const nowMs = useNowMs();
  const { data: pen } = useAnswer(questions.pen(penId, nowMs));
  const { data: pens } = useAnswer(questions.pens(nowMs));
  if (pen === null) return <PenNotThere />;
  if (!pen || !pens) return <Skeleton label={commonSays.loadingThePen} />;
  return <Compare key={penId} pen={pen} pens={pens} />;
}

function Compare(comparing: Comparing) {
  const { pen } = comparing;
  const compare = useCompare(comparing);
  const { canSave, save, busy } = compare;
  return (
    <Screen
      actions={canSave && !busy ? <SaveBar label={compareSays.writeItDown} onSave={save} /> : null}
    >
      <Say size="large" face="slab" heading={1}>
        {compareSays.title(pen.body.code)}
      </Say>
      <Say>{compareSays.whatItIs}</Say>
      <Panel>
        <WhatQuestion compare={compare} />
        <AgainstQuestion compare={compare} />
        {canSave ? <ShownFields {...{ pen, compare }} /> : null}
      </Panel>
      <Earlier pen={pen} />
    </Screen>
  );
}

/** What it was compared with before. */
function Earlier({ pen }: { readonly pen: PenDetailAnswer }) {
  const formats = useFormats();
  if (pen.comparisons.length === 0) return null;
  return (
    <View>
      <Say size="large" face="slab" heading={2}>
        {compareSays.earlier}
      </Say>
      {pen.comparisons.map((row) => (
        <Say key={row.id} size="small">
          {comparisonLine(row, formats)}
        </Say>
      ))}
    </View>
  );
}
