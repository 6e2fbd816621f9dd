import { View } from 'react-native';
import Svg, { Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { useFormats } from '@/shell/formats';
import { Measured } from '@/ui/chart';
import { FACE } from '@/ui/text';
import { color } from '@/ui/tokens';
import { curveSays } from '@/words/dose/curve';

/** pH against dose, as the plan sees it. */
export interface CurveSpec {
  readonly points: readonly {
    readonly amount: number;
    readonly ph: number;
    readonly low: number;
    readonly high: number;
  }[];
  readonly band: { readonly low: number; readonly high: number };
  readonly first: number;
  readonly full: number;
  readonly unit: string;
}

const HEIGHT = 170;
const LEFT = 48;
const PAD = 10;

/** The curve with its ribbon, the band as a recess, the first step filled and the rest hollow. */
export function DoseCurve({ points, band, first, full, unit }: CurveSpec) {
  const formats = useFormats();
  const last = points.at(-1)!;
  const lows = points.map(({ low }) => low);
  const highs = points.map(({ high }) => high);
  const [bottom, top] = [Math.min(...lows, band.low) - 0.1, Math.max(...highs, band.high) + 0.1];
  return (
    <View>
      <Measured>
        {(width) => {
          const x = (amount: number) =>
            LEFT + ((width - LEFT - PAD) * amount) / Math.max(last.amount, 1e-9);
          const y = (ph: number) => PAD + ((HEIGHT - 34 - PAD) * (top - ph)) / (top - bottom);
          const path = (value: (at: number) => number) =>
            points.map(({ amount }, at) => `${x(amount).toFixed(1)} ${y(value(at)).toFixed(1)}`);
          const line = `M${path((at) => points[at]!.ph).join('L')}`;
          const ribbon = `M${path((at) => highs[at]!).join('L')}L${path((at) => lows[at]!)
            .reverse()
            .join('L')}Z`;
          const at = (amount: number) =>
            points.reduce((near, p) =>
              Math.abs(p.amount - amount) < Math.abs(near.amount - amount) ? p : near,
            ).ph;
          const floor = HEIGHT - 34;
          return (
            <Svg
              width={width}
              height={HEIGHT}
              role="img"
              aria-label={curveSays.curveSaid({
                fromPh: formats.ph(points[0]!.ph),
                firstPh: formats.ph(at(first)),
                fullPh: formats.ph(at(full)),
              })}
            >
              <Rect
                x={LEFT}
                y={y(band.high)}
                width={width - LEFT - PAD}
                height={y(band.low) - y(band.high)}
                fill={color.wood}
                opacity={0.7}
              />
              <Path d={ribbon} fill={color.action} opacity={0.16} />
              <Path d={line} fill="none" stroke={color.action} strokeWidth={2.5} />
              {[first, full].map((amount) => (
                <Line
                  key={amount}
                  x1={x(amount)}
                  x2={x(amount)}
                  y1={y(at(amount))}
                  y2={floor}
                  stroke={color.ink}
                  strokeDasharray="4 3"
                />
              ))}
              <Rect
                x={x(first) - 5}
                y={y(at(first)) - 5}
                width={10}
                height={10}
                fill={color.action}
              />
              <Rect
                x={x(full) - 4}
                y={y(at(full)) - 4}
                width={8}
                height={8}
                fill={color.board}
                stroke={color.action}
                strokeWidth={2}
              />
              <Path
                d={`M${LEFT} ${PAD}V${y(band.high)}H${LEFT - 8}V${y(band.low)}H${LEFT}V${floor}`}
                fill="none"
                stroke={color.ink}
                strokeWidth={1.5}
              />
              {[band.low, band.high].map((ph) => (
                <SvgText
                  key={ph}
                  x={LEFT - 12}
                  y={y(ph) + 4}
                  textAnchor="end"
                  fontSize={12}
                  fontFamily={FACE.mono}
                  fill={color.inkSoft}
                >
                  {formats.number(ph, 1)}
                </SvgText>
              ))}
              {[0, first, full].map((amount, index) => (
                <SvgText
                  key={index}
                  x={Math.min(x(amount), width - 40)}
                  y={HEIGHT - 14 + (index === 1 && x(full) - x(first) < 52 ? 12 : 0)}
                  textAnchor="middle"
                  fontSize={12}
                  fontFamily={FACE.mono}
                  fill={color.ink}
                >
                  {`${formats.number(amount, amount > 0 && amount < 10 && unit !== 'drops' ? 1 : 0)}${index === 2 ? ` ${unit}` : ''}`}
                </SvgText>
              ))}
            </Svg>
          );
        }}
      </Measured>
    </View>
  );
}
