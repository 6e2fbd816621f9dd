import { useState } from 'react';
import { View } from 'react-native';
import type { DriftAnswer } from '@/book/answers';
import { useFormats } from '@/shell/formats';
import { SimpleTable } from '@/features/parts/SimpleTable';
import { Button } from '@/ui/button';
import { Measured, Strip, TimeAxis, type StripFlag } from '@/ui/chart';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { color } from '@/ui/tokens';
import { dayMonth, QUANTITY_NAME } from '@/words';
import { driftSays } from '@/words/pens/drift';
import { commonSays } from '@/words/common';
import { AgeingStrips } from './AgeingStrips';
import {
  driftLines,
  driftSentence,
  lifeSentence,
  warningSentence,
  writeError,
} from '@/words/pens/driftWords';

interface Props {
  readonly drift: DriftAnswer;
  readonly nowMs: number;
}

const HEIGHT = 150;
const LEFT = 84;

/** How a pen drifts: the sentence first, then its error through time in the notch of its tolerance. */
export function DriftPanel({ drift, nowMs }: Props) {
  const formats = useFormats();
  const [table, setTable] = useState(false);
  const { points, curve, tolerance, quantity, incidentsMs, dueByDriftMs, life } = drift;
  const firstMs = Math.min(curve[0]?.atMs ?? nowMs, points[0]?.atMs ?? nowMs);
  const endMs = curve.at(-1)?.atMs ?? nowMs;
  const domain = [firstMs - (endMs - firstMs) * 0.02, endMs] as const;
  const flags: StripFlag[] = [
    ...incidentsMs.map((atMs) => ({ atMs, kind: 'incident' as const })),
    ...(dueByDriftMs === undefined ? [] : [{ atMs: dueByDriftMs, kind: 'due' as const }]),
  ];
  const sentence = driftSentence(drift, formats, nowMs);
  const name = QUANTITY_NAME[quantity];
  return (
    <Panel>
      <Say bold>{driftSays.title(name)}</Say>
      <Say size="small">{sentence}</Say>
      <Measured>
        {(width) => (
          <>
            <Strip
              size={{ width, height: HEIGHT, left: LEFT }}
              look={{ color: quantity === 'ph' ? color.seriesPh : color.seriesEc }}
              write={(value) => writeError(value, quantity, formats)}
              sentence={driftSays.chartSaid(name, sentence)}
              flags={flags}
              spec={{
                domain,
                points: points.map(({ atMs, error }) => ({ atMs, value: error })),
                joined: false,
                band: [{ fromMs: domain[0], ...tolerance }],
                cloud: curve.map(({ atMs, error, expandedU }) => ({
                  atMs,
                  value: error,
                  half: expandedU,
                })),
                leastSpan: 3 * tolerance.high,
              }}
            />
            <TimeAxis domain={domain} size={{ width, left: LEFT }} write={dayMonth} />
          </>
        )}
      </Measured>
      <Say size="small" tone="soft">
        {driftSays.chartKey(
          flags.some(({ kind }) => kind === 'incident') ? driftSays.triangle : '',
          dueByDriftMs === undefined ? '' : driftSays.dueMark,
        )}
      </Say>
      {drift.ageing ? (
        <AgeingStrips ageing={drift.ageing} domain={domain} left={LEFT} table={table} />
      ) : null}
      {life ? <Say size="small">{lifeSentence(drift, formats)}</Say> : null}
      {life?.warnings.map((warning) => (
        <Say key={warning.reason} size="small" bold tone="attention">
          {warningSentence(warning, formats)}
        </Say>
      ))}
      <View>
        <Button
          kind="text"
          label={table ? driftSays.hideTheTable : driftSays.showAsATable}
          name={table ? driftSays.hideTableOf(name) : driftSays.showTableOf(name)}
          onPress={() => setTable(!table)}
        />
      </View>
      {table ? (
        <SimpleTable
          label={driftSays.errorAtEachCheck(name)}
          heads={[commonSays.day, commonSays.read, driftSays.error, '±']}
          rows={driftLines(drift, formats).map(({ id, day, what, error, plusMinus }) => ({
            id,
            cells: [day, what, error, plusMinus],
          }))}
          mono={[2, 3]}
        />
      ) : null}
    </Panel>
  );
}
