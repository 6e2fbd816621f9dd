import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { AdditionRow, TankAnswer, TankHistoryAnswer } from '@/book/answers';
import { useFormats } from '@/features/frame/formats';
import { Press } from '@/ui/button';
import { Measured, Strip, TimeAxis, type StripFlag } from '@/ui/chart';
import { Say } from '@/ui/text';
import { color, space, TOUCH } from '@/ui/tokens';
import { dayMonth } from '@/words';
import {
  bandSteps,
  pointsIn,
  SPAN_LABEL,
  spanDomain,
  stepsInScale,
  type Span,
} from './historyModel';

interface Props {
  readonly tank: TankAnswer;
  readonly history: TankHistoryAnswer;
  readonly nowMs: number;
}

const LEFT = 56;
/** Beyond this many readings on screen marks and whiskers only blacken the line. */
const DETAILED_UP_TO = 140;

const flagsOf = (additions: readonly AdditionRow[], forPh: boolean): StripFlag[] =>
  additions
    .filter(({ body }) => forPh === (body.what === 'acid' || body.what === 'base'))
    .map(({ atMs, body }) => {
      const kind = body.what === 'water' || body.what === 'change' ? 'water' : 'dose';
      return { atMs, kind } as const;
    });

/** A tank's past: strips on one time axis, the band as it then was, what was poured as flags. */
export function TankHistory({ tank, history, nowMs }: Props) {
  const formats = useFormats();
  const [span, setSpan] = useState<Span>('fourWeeks');
  const { columns, additions } = history;
  const domain = spanDomain(columns, span, nowMs);
  const { ecScale } = formats.settings;
  const ph = pointsIn(
    columns.atMs,
    { values: columns.ph, stdU: columns.phStdU, shown: columns.phShown },
    domain,
  );
  const ec = pointsIn(
    columns.atMs,
    { values: columns.ec, stdU: columns.ecStdU, shown: columns.ecShown, scale: ecScale },
    domain,
  );
  const temp = pointsIn(columns.atMs, { values: columns.tempC }, domain);
  const phBand = bandSteps(
    columns.atMs,
    { low: columns.phLow, high: columns.phHigh },
    tank.body.phBand,
  );
  const ecBand = bandSteps(
    columns.atMs,
    { low: columns.ecLow, high: columns.ecHigh },
    tank.body.ecBand,
  );
  const detailed = Math.max(ph.length, ec.length) <= DETAILED_UP_TO;
  const hollow = ph.some(
    ({ value, shown }) => shown !== undefined && Math.abs(shown - value) > 0.1,
  );
  const sentence = (name: string, count: number) =>
    `${name} of ${tank.body.name}, ${count} readings in this span; the table below has them.`;
  return (
    <View>
      <View style={styles.head}>
        <Say size="large" face="slab" heading={2}>
          History
        </Say>
        <View role="radiogroup" aria-label="Span of time" style={styles.spans}>
          {(Object.keys(SPAN_LABEL) as Span[]).map((each) => (
            <Press
              key={each}
              role="radio"
              checked={each === span}
              onPress={() => setSpan(each)}
              style={styles.span}
            >
              <Say
                size="small"
                bold={each === span}
                tone={each === span ? 'action' : 'soft'}
                style={each === span ? styles.chosen : undefined}
              >
                {SPAN_LABEL[each]}
              </Say>
            </Press>
          ))}
        </View>
      </View>
      <Measured>
        {(width) => (
          <>
            <Name text="pH" tone={color.seriesPh} />
            <Strip
              size={{ width, height: 132, left: LEFT }}
              look={{ color: color.seriesPh }}
              write={(value) => formats.number(value, 1)}
              sentence={sentence('pH', ph.length)}
              flags={flagsOf(additions, true)}
              detailed={detailed}
              spec={{ domain, points: ph, band: phBand, leastSpan: 1 }}
            />
            <Name text={`EC, ${formats.ecUnit}`} tone={color.seriesEc} />
            <Strip
              size={{ width, height: 116, left: LEFT }}
              look={{ color: color.seriesEc, dash: '6 3' }}
              write={(value) => formats.number(value, ecScale === 'mS/cm' ? 1 : 0)}
              sentence={sentence('EC', ec.length)}
              flags={flagsOf(additions, false)}
              detailed={detailed}
              spec={{ domain, points: ec, band: stepsInScale(ecBand, ecScale), leastSpan: 0.1 }}
            />
            {temp.length > 1 ? (
              <>
                <Name text={`Temperature, ${formats.settings.tempUnit}`} tone={color.seriesTemp} />
                <Strip
                  size={{ width, height: 64, left: LEFT }}
                  look={{ color: color.seriesTemp, dash: '2 3' }}
                  write={(value) => formats.temp(value).split(' ')[0] ?? ''}
                  sentence={sentence('Temperature', temp.length)}
                  detailed={false}
                  spec={{ domain, points: temp, band: [], leastSpan: 3 }}
                />
              </>
            ) : null}
            <TimeAxis domain={domain} size={{ width, left: LEFT }} write={dayMonth} />
          </>
        )}
      </Measured>
      <Say size="small" tone="soft">
        Recess: the band as it then was.{' '}
        {hollow ? 'Hollow marks: what the pen showed before a later check corrected it. ' : ''}
        {additions.length > 0 ? 'Flags: what was poured.' : ''}
      </Say>
    </View>
  );
}

function Name({ text, tone }: { readonly text: string; readonly tone: string }) {
  return (
    <Say size="small" bold style={{ color: tone, marginLeft: LEFT + 8, marginBottom: -space.s4 }}>
      {text}
    </Say>
  );
}

const styles = StyleSheet.create({
  head: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    justifyContent: 'space-between',
  },
  spans: { flexDirection: 'row' },
  span: { minHeight: TOUCH, paddingHorizontal: space.s2, justifyContent: 'center' },
  chosen: { textDecorationLine: 'underline' },
});
