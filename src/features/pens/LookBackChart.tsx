import { View } from 'react-native';
import type { LookBackAnswer } from '@/book/answers';
import { useFormats } from '@/shell/formats';
import { Measured, Strip, TimeAxis } from '@/ui/chart';
import { color } from '@/ui/tokens';
import { dayMonth } from '@/words';
import { lookBackChartSays } from '@/words/pens/lookBackChart';
import { writeError } from '@/words/pens/driftWords';

const LEFT = 84;

/** The line the pen moved along between the two checks, each reading at its day. */
export function LookBackChart({ answer }: { readonly answer: LookBackAnswer }) {
  const formats = useFormats();
  const { fromMs, toMs, errorFrom, errorTo, curve, rows, quantity, tolerance } = answer;
  const read = new Set(rows.map((row) => row.atMs));
  const domain = [fromMs, toMs] as const;
  return (
    <View>
      <Measured>
        {(width) => (
          <>
            <Strip
              size={{ width, height: 110, left: LEFT }}
              look={{ color: color.off }}
              write={(value) => writeError(value, quantity, formats)}
              sentence={lookBackChartSays.chartSaid(
                writeError(errorFrom, quantity, formats),
                writeError(errorTo, quantity, formats),
              )}
              spec={{
                domain,
                points: curve
                  .filter(({ atMs }) => read.has(atMs))
                  .map(({ atMs, error }) => ({ atMs, value: error })),
                joined: false,
                band: [{ fromMs, ...tolerance }],
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
    </View>
  );
}
