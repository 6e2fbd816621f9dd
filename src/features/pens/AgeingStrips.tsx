import type { DriftAnswer } from '@/book/answers';
import { WORN_GAIN } from '@/core/drift';
import { useFormats } from '@/shell/formats';
import { SimpleTable } from '@/features/parts/SimpleTable';
import { Measured, Strip, TimeAxis } from '@/ui/chart';
import { Say } from '@/ui/text';
import { color } from '@/ui/tokens';
import { dayMonth, shortDay } from '@/words';
import { driftSays } from '@/words/pens/drift';
import { commonSays } from '@/words/common';

interface Props {
  readonly ageing: NonNullable<DriftAnswer['ageing']>;
  /** The same axis as the drift above. */
  readonly domain: readonly [number, number];
  readonly left: number;
  readonly table: boolean;
}

const HEIGHT = 74;

/** How the probe in use ages: what is left of its gain through all adjustments, and how fast it settles. */
export function AgeingStrips({ ageing, domain, left, table }: Props) {
  const formats = useFormats();
  const { gains, settles } = ageing;
  if (gains.length < 2 && settles.length < 2) return null;
  const percent = (gain: number) => `${formats.number(100 * gain, 0)} %`;
  const seconds = (value: number) => `${formats.number(value, 0)} s`;
  return (
    <>
      <Say size="small" bold>
        {driftSays.howItsProbeAges}
      </Say>
      <Measured>
        {(width) => (
          <>
            {gains.length > 1 ? (
              <Strip
                size={{ width, height: HEIGHT, left }}
                look={{ color: color.seriesPh }}
                write={percent}
                sentence={driftSays.gainSaid(percent(gains.at(-1)!.gain), percent(WORN_GAIN))}
                spec={{
                  domain,
                  points: gains.map(({ atMs, gain }) => ({ atMs, value: gain })),
                  band: [{ fromMs: domain[0], low: WORN_GAIN, high: 1 }],
                  leastSpan: 0.12,
                }}
              />
            ) : null}
            {settles.length > 1 ? (
              <Strip
                size={{ width, height: HEIGHT, left }}
                look={{ color: color.seriesTemp, dash: '2 3' }}
                write={seconds}
                sentence={driftSays.settleSaid(seconds(settles.at(-1)!.settleS))}
                spec={{
                  domain,
                  points: settles.map(({ atMs, settleS }) => ({ atMs, value: settleS })),
                  band: [],
                  leastSpan: 30,
                }}
              />
            ) : null}
            <TimeAxis domain={domain} size={{ width, left }} write={dayMonth} />
          </>
        )}
      </Measured>
      <Say size="small" tone="soft">
        {gains.length > 1 ? driftSays.gainKey : ''}
        {settles.length > 1 ? driftSays.settleKey : ''}
      </Say>
      {table ? (
        <SimpleTable
          label={driftSays.howItsProbeAges}
          heads={[commonSays.day, driftSays.gainLeft, driftSays.stillAfter]}
          rows={[...settles].reverse().map(({ atMs, settleS }) => {
            const gain = gains.find((each) => each.atMs === atMs)?.gain;
            return {
              id: String(atMs),
              cells: [shortDay(atMs), gain === undefined ? '–' : percent(gain), seconds(settleS)],
            };
          })}
          mono={[1, 2]}
        />
      ) : null}
    </>
  );
}
