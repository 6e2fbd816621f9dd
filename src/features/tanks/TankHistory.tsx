import { startTransition, useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { TankAnswer, TankHistoryAnswer } from '@/book/answers';
import { useFormats } from '@/shell/formats';
import { savePng, saveSvg } from '@/shell/saveImage';
import type { Sample } from '@/records/kinds';
import { Button } from '@/ui/button';
import { Measured, Strip, TimeAxis, within, ZoomPan, type TimeWindow } from '@/ui/chart';
import { Skeleton } from '@/ui/layout';
import { inBackground } from '@/trouble';
import { Say } from '@/ui/text';
import { color, space } from '@/ui/tokens';
import { axisWriter, dayMonthYear, SAMPLE_NAME } from '@/words';
import { historySays } from '@/words/tanks/history';
import { historyDrawing } from './historyDrawing';
import { historyLimits, spanDomain, type Span } from './historyModel';
import {
  historyBands,
  historyStrips,
  HOLLOW_FROM_PH,
  type HistoryStrip,
  type Series,
} from './historyStrips';
import { MoveBar, SampleChoice, SpanBar } from './HistoryTools';

interface Props {
  readonly tank: TankAnswer;
  /** Undefined until the book has told it. */
  readonly history: TankHistoryAnswer | undefined;
  readonly sample: Sample;
  readonly onSample: (sample: Sample) => void;
  readonly nowMs: number;
}

const LEFT = 56;

const LOOK: Readonly<Record<Series, { readonly color: string; readonly dash?: string }>> = {
  ph: { color: color.seriesPh },
  ec: { color: color.seriesEc, dash: '6 3' },
  temp: { color: color.seriesTemp, dash: '2 3' },
  level: { color: color.seriesLevel, dash: '1 2' },
};

/** A tank's past: strips on one time axis, the band as it then was, what was poured as flags. */
export function TankHistory({ tank, history, sample, onSample, nowMs }: Props) {
  if (!history) return <Skeleton label={historySays.loadingTheHistory} />;
  if (history.samples.length === 0 || (sample === 'tank' && history.columns.atMs.length < 2)) {
    return <SampleChoice samples={history.samples} value={sample} onChoose={onSample} />;
  }
  return (
    <View>
      <SampleChoice samples={history.samples} value={sample} onChoose={onSample} />
      <Strips key={sample} tank={tank} history={history} sample={sample} nowMs={nowMs} />
    </View>
  );
}

interface StripsProps {
  readonly tank: TankAnswer;
  readonly history: TankHistoryAnswer;
  readonly sample: Sample;
  readonly nowMs: number;
}

function Strips({ tank, history, sample, nowMs }: StripsProps) {
  const formats = useFormats();
  const [span, setSpan] = useState<Span>('fourWeeks');
  const [moved, setMoved] = useState<TimeWindow>();
  const { columns } = history;
  const limits = useMemo(() => historyLimits(columns, nowMs), [columns, nowMs]);
  const domain = useMemo(
    () => (moved ? within(moved, limits) : spanDomain(columns, span, nowMs)),
    [moved, limits, columns, span, nowMs],
  );
  const bands = useMemo(() => historyBands(tank, history, sample), [tank, history, sample]);
  const strips = useMemo(
    () => historyStrips({ history, bands, sample, domain, formats }),
    [history, bands, sample, domain, formats],
  );
  const choose = (each: Span) =>
    startTransition(() => {
      setMoved(undefined);
      setSpan(each);
    });
  const step = (window: TimeWindow) => startTransition(() => setMoved(window));
  const { name } = tank.body;
  const save = (as: 'svg' | 'png') => {
    const title = `${name}: ${SAMPLE_NAME[sample].toLowerCase()}`;
    const svg = historyDrawing({ title, strips, formats });
    const file = `${title.replace(/[^\p{L}\p{N}]+/gu, '-')}-${dayMonthYear(nowMs)}`.replace(
      / /g,
      '-',
    );
    if (as === 'svg') saveSvg(file, svg);
    else inBackground('picture', savePng(file, svg));
  };
  return (
    <View>
      <View style={styles.head}>
        <Say size="large" face="slab" heading={2}>
          {historySays.history}
        </Say>
        <SpanBar span={moved ? undefined : span} onSpan={choose} />
      </View>
      <Measured>
        {(width) => (
          <ZoomPan
            window={domain}
            limits={limits}
            onWindow={setMoved}
            width={width}
            left={LEFT}
            label={historySays.chartKeys(name)}
          >
            {strips.map((strip) => (
              <NamedStrip key={strip.series} strip={strip} width={width} of={name} />
            ))}
            <TimeAxis domain={domain} size={{ width, left: LEFT }} write={axisWriter(domain)} />
          </ZoomPan>
        )}
      </Measured>
      <View style={styles.head}>
        <MoveBar window={domain} limits={limits} onWindow={step} />
        <View style={styles.files}>
          <Button kind="text" label={historySays.svgPicture} onPress={() => save('svg')} />
          <Button kind="text" label={historySays.pngPicture} onPress={() => save('png')} />
        </View>
      </View>
      <Say size="small" tone="soft">
        {legendOf(strips)}
      </Say>
    </View>
  );
}

/** Says what is drawn, and only what is drawn. */
function legendOf(strips: readonly HistoryStrip[]): string {
  const anyBand = strips.some(({ spec }) => spec.band.length > 0);
  const hollow = strips[0]?.spec.points.some(
    ({ value, shown }) => shown !== undefined && Math.abs(shown - value) > HOLLOW_FROM_PH,
  );
  const flags = strips.flatMap(({ spec: { domain }, flags: all }) =>
    all.filter(({ atMs }) => atMs >= domain[0] && atMs <= domain[1]),
  );
  return [
    anyBand ? historySays.shaded : historySays.noBand,
    hollow ? historySays.hollow : '',
    flags.some(({ kind }) => kind === 'dose') ? historySays.flags : '',
    flags.some(({ kind }) => kind === 'water') ? historySays.drops : '',
    flags.some(({ kind }) => kind === 'stage') ? historySays.diamond : '',
  ]
    .filter(Boolean)
    .join(' ');
}

function NamedStrip({
  strip: { series, name, height, decimals, spec, flags, count },
  width,
  of,
}: {
  readonly strip: HistoryStrip;
  readonly width: number;
  readonly of: string;
}) {
  const formats = useFormats();
  const look = LOOK[series];
  return (
    <>
      <Say
        size="small"
        bold
        style={{ color: look.color, marginLeft: LEFT + 8, marginBottom: -space.s4 }}
      >
        {name}
      </Say>
      <Strip
        size={{ width, height, left: LEFT }}
        look={look}
        write={(value) => formats.number(value, decimals)}
        sentence={historySays.chartSaid({ quantity: name, name: of, readings: count })}
        flags={flags}
        spec={spec}
      />
    </>
  );
}

const styles = StyleSheet.create({
  head: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    justifyContent: 'space-between',
  },
  files: { flexDirection: 'row' },
});
