import { DAY_MS } from '@/core/units';
import { TOLERANCE } from '@/core/calibration';
import { useFormats } from '@/shell/formats';
import { Measured, Strip, TimeAxis } from '@/ui/chart';
import { color } from '@/ui/tokens';
import { dayMonth } from '@/words';
import { controlChartSays } from '@/words/pens/controlChart';
import type { ControlPoint } from './controlModel';

const LEFT = 84;

interface Props {
  readonly penCode: string;
  readonly points: readonly ControlPoint[];
  readonly nowMs: number;
}

/** A pen's error in the check standard, reading by reading. */
export function ControlChart({ penCode, points, nowMs }: Props) {
  const formats = useFormats();
  const first = points[0]?.atMs ?? nowMs;
  const last = Math.max(points.at(-1)?.atMs ?? nowMs, nowMs);
  // A little room at the right: the newest mark stands free of the edge.
  const domain = [Math.min(first, nowMs - 7 * DAY_MS), last + 0.02 * (last - first) + 1] as const;
  return (
    <Measured>
      {(width) => (
        <>
          <Strip
            size={{ width, height: 120, left: LEFT }}
            look={{ color: color.seriesPh }}
            write={(value) => formats.number(value, 2)}
            sentence={controlChartSays.chartSaid(penCode, points.length)}
            spec={{
              domain,
              points: points.map(({ atMs, error }) => ({ atMs, value: error })),
              band: [{ fromMs: domain[0], low: -TOLERANCE.ph.normal, high: TOLERANCE.ph.normal }],
              leastSpan: 0.2,
            }}
          />
          <TimeAxis domain={domain} size={{ width, left: LEFT }} write={dayMonth} />
        </>
      )}
    </Measured>
  );
}
