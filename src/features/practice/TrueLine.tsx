import { StyleSheet, View } from 'react-native';
import Svg, { Line, Path, Text as SvgText } from 'react-native-svg';
import { trueErrorPh, type World } from '@/core/simulated-pen';
import { useFormats } from '@/shell/formats';
import { FACE, Say } from '@/ui/text';
import { color, space } from '@/ui/tokens';
import { practiceSays } from '@/words/practice/benchWords';

const WIDTH = 320;
const HEIGHT = 150;
const LEFT = 46;
const RIGHT = 10;
const TOP = 12;
const BOTTOM = 28;
const PHS = [4, 5, 6, 7, 8] as const;
/** The scale never shows less than this to each side, pH. */
const LEAST_SPAN_PH = 0.1;

/** How far off a pen is from pH 4 to 8: before the run (dashed) and after it, as nobody sees it at a real bench. */
export function TrueLine({ start, end }: { readonly start: World; readonly end: World }) {
  const formats = useFormats();
  const errors = (world: World) => PHS.map((ph) => trueErrorPh(world, ph));
  const [before, after] = [errors(start), errors(end)];
  const span = Math.max(LEAST_SPAN_PH, ...[...before, ...after].map(Math.abs)) * 1.1;
  const x = (ph: number) => LEFT + ((ph - 4) / 4) * (WIDTH - LEFT - RIGHT);
  const middle = TOP + (HEIGHT - TOP - BOTTOM) / 2;
  const y = (error: number) => middle - (error / span) * ((HEIGHT - TOP - BOTTOM) / 2);
  const path = (line: readonly number[]) =>
    line.map((error, at) => `${at === 0 ? 'M' : 'L'}${x(PHS[at]!)} ${y(error)}`).join('');
  const tick = { fontFamily: FACE.mono, fontSize: 12, fill: color.inkSoft } as const;
  const at6 = practiceSays.trueLineAbout(
    `${formats.signed(before[2]!, 2)} pH`,
    `${formats.signed(after[2]!, 2)} pH`,
  );
  return (
    <View style={styles.part}>
      <Say bold>{practiceSays.trueLine}</Say>
      <View role="img" aria-label={at6}>
        <Svg width="100%" height={HEIGHT} viewBox={`0 0 ${WIDTH} ${HEIGHT}`}>
          <Line
            x1={LEFT}
            y1={middle}
            x2={WIDTH - RIGHT}
            y2={middle}
            stroke={color.edge}
            strokeWidth={2}
          />
          <Line x1={LEFT} y1={TOP} x2={LEFT} y2={HEIGHT - BOTTOM} stroke={color.ink} />
          {[span, 0, -span].map((error) => (
            <SvgText key={error} {...tick} x={LEFT - 4} y={y(error) + 4} textAnchor="end">
              {formats.signed(error, 2)}
            </SvgText>
          ))}
          {PHS.map((ph) => (
            <SvgText key={ph} {...tick} x={x(ph)} y={HEIGHT - 8} textAnchor="middle">
              {ph === 8 ? `${ph} pH` : String(ph)}
            </SvgText>
          ))}
          <Path
            d={path(before)}
            fill="none"
            stroke={color.inkSoft}
            strokeWidth={2}
            strokeDasharray="5 4"
          />
          <Path d={path(after)} fill="none" stroke={color.seriesPh} strokeWidth={3} />
        </Svg>
      </View>
      <Say size="small">{at6}</Say>
    </View>
  );
}

const styles = StyleSheet.create({ part: { gap: space.s1, maxWidth: 480 } });
