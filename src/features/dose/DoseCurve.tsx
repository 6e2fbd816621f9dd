import { View } from 'react-native';
import Svg, { Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { useFormats } from '@/shell/formats';
import { Measured } from '@/ui/chart';
import { FACE } from '@/ui/text';
import { color } from '@/ui/tokens';
import { amountText, curveSays } from '@/words/dose/curve';
import { CURVE, curveGeometry, type CurveSpec } from './curveGeometry';

/** The curve with its ribbon, the band as a recess, the first step filled and the rest hollow. */
export function DoseCurve(spec: CurveSpec) {
  return (
    <View>
      <Measured>{(width) => <Drawn spec={spec} width={width} />}</Measured>
    </View>
  );
}

interface Props {
  readonly spec: CurveSpec;
  readonly width: number;
}

function Drawn({ spec, width }: Props) {
  const formats = useFormats();
  const { line, ribbon, band, notch, first, full } = curveGeometry(spec, width);
  return (
    <Svg
      width={width}
      height={CURVE.height}
      role="img"
      aria-label={curveSays.curveSaid({
        fromPh: formats.ph(spec.points[0]!.ph),
        firstPh: formats.ph(first.ph),
        fullPh: formats.ph(full.ph),
      })}
    >
      <Rect
        x={CURVE.left}
        y={band.top}
        width={band.width}
        height={band.bottom - band.top}
        fill={color.wood}
        opacity={0.7}
      />
      <Path d={ribbon} fill={color.action} opacity={0.16} />
      <Path d={line} fill="none" stroke={color.action} strokeWidth={2.5} />
      {[first, full].map(({ x, y }, place) => (
        <Line
          key={place}
          {...{ x1: x, x2: x, y1: y, y2: CURVE.floor }}
          stroke={color.ink}
          strokeDasharray="4 3"
        />
      ))}
      <Rect x={first.x - 5} y={first.y - 5} width={10} height={10} fill={color.action} />
      <Rect
        x={full.x - 4}
        y={full.y - 4}
        width={8}
        height={8}
        fill={color.board}
        stroke={color.action}
        strokeWidth={2}
      />
      <Path d={notch} fill="none" stroke={color.ink} strokeWidth={1.5} />
      <Scales {...{ spec, width }} />
    </Svg>
  );
}

/** The ends of the band at the axis, the amounts below. */
function Scales({ spec, width }: Props) {
  const formats = useFormats();
  const { band, amounts } = curveGeometry(spec, width);
  const ends = [
    { ph: spec.band.low, y: band.bottom },
    { ph: spec.band.high, y: band.top },
  ];
  return (
    <>
      {ends.map(({ ph, y }) => (
        <SvgText
          key={ph}
          x={CURVE.left - 12}
          y={y + 4}
          textAnchor="end"
          fontSize={12}
          fontFamily={FACE.mono}
          fill={color.inkSoft}
        >
          {formats.number(ph, 1)}
        </SvgText>
      ))}
      {amounts.map(({ amount, x, y }, place) => (
        <SvgText
          key={place}
          {...{ x, y }}
          textAnchor="middle"
          fontSize={12}
          fontFamily={FACE.mono}
          fill={color.ink}
        >
          {amountText(amount, { unit: spec.unit, withUnit: place === 2 }, formats)}
        </SvgText>
      ))}
    </>
  );
}
