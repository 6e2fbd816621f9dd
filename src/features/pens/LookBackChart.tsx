import { View } from 'react-native';
import type { LookBackAnswer } from '@/book/answers';
import { useFormats } from '@/features/frame/formats';
import { Measured, Strip, TimeAxis } from '@/ui/chart';
import { color } from '@/ui/tokens';
import { dayMonth } from '@/words';
import { writeError } from './driftViewModel';

const LEFT = 64;

/** The line the pen moved along between the two checks, each reading at its day. */
export function LookBackChart({ answer }: { readonly answer: LookBackAnswer }) {
  const formats = useFormats();
  const { fromMs, toMs, errorFrom, errorTo, rows, quantity, tolerance } = answer;
  const change = errorTo - errorFrom;
  const at = (ms: number) => {
    const share = (ms - fromMs) / (toMs - fromMs);
    const half = 2 * Math.abs(change) * Math.sqrt(Math.max(0, share * (1 - share)));
    return { atMs: ms, value: errorFrom + share * change, half };
  };
  const moments = [...new Set([fromMs, ...rows.map((row) => row.atMs).reverse(), toMs])];
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
              sentence={`The pen’s error between the two checks, from ${writeError(errorFrom, quantity, formats)} to ${writeError(errorTo, quantity, formats)}.`}
              spec={{
                domain,
                points: moments.map(at),
                band: [{ fromMs, low: -tolerance, high: tolerance }],
                cone: Array.from({ length: 21 }, (_, i) => at(fromMs + ((toMs - fromMs) * i) / 20)),
                leastSpan: 3 * tolerance,
              }}
            />
            <TimeAxis domain={domain} size={{ width, left: LEFT }} write={dayMonth} />
          </>
        )}
      </Measured>
    </View>
  );
}
