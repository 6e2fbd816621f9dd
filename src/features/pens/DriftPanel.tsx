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
import { dayMonth } from '@/words';
import { AgeingStrips } from './AgeingStrips';
import {
  driftLines,
  driftSentence,
  lifeSentence,
  warningSentence,
  writeError,
} from './driftViewModel';

interface Props {
  readonly drift: DriftAnswer;
  readonly nowMs: number;
}

const HEIGHT = 150;
const LEFT = 64;

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
  const name = quantity === 'ph' ? 'pH' : 'EC';
  return (
    <Panel>
      <Say bold>How its {name} drifts</Say>
      <Say size="small">{sentence}</Say>
      <Measured>
        {(width) => (
          <>
            <Strip
              size={{ width, height: HEIGHT, left: LEFT }}
              look={{ color: quantity === 'ph' ? color.seriesPh : color.seriesEc }}
              write={(value) => writeError(value, quantity, formats)}
              sentence={`${name} error of this pen at its checks. ${sentence}`}
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
        Shaded: the tolerance. Line with its margin: the pen’s error and ±, as known now. A step is
        an adjustment.
        {flags.some(({ kind }) => kind === 'incident')
          ? ' Triangle: something happened to the pen.'
          : ''}
        {dueByDriftMs === undefined ? '' : ' T: the day it is due by its own drift.'}
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
          label={table ? 'Hide the table' : 'Show as a table'}
          name={table ? `Hide the table of ${name}` : `Show as a table: ${name}`}
          onPress={() => setTable(!table)}
        />
      </View>
      {table ? (
        <SimpleTable
          label={`${name} error at each check`}
          heads={['Day', 'Read', 'Error', '±']}
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
