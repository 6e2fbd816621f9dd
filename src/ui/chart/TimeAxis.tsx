import Svg, { Path, Text as SvgText } from 'react-native-svg';
import { FACE } from '../text';
import { color } from '../tokens';
import { timeTicks, type StripSize } from './stripGeometry';

interface Props {
  readonly domain: readonly [number, number];
  readonly size: Pick<StripSize, 'width' | 'left'>;
  readonly write: (ms: number) => string;
}

/** The days under a stack of strips. */
export function TimeAxis({ domain, size, write }: Props) {
  const wide = size.width - size.left - 8;
  const x = (ms: number) => size.left + (wide * (ms - domain[0])) / (domain[1] - domain[0]);
  const ticks = timeTicks(domain, wide);
  return (
    <Svg width={size.width} height={26} viewBox={`0 0 ${size.width} 26`} aria-hidden>
      <Path
        d={`M${size.left} 1H${size.width - 8}${ticks.map((ms) => `M${x(ms)} 1v5`).join('')}`}
        stroke={color.inkSoft}
        strokeWidth={1}
      />
      {ticks.map((ms) => (
        <SvgText
          key={ms}
          x={Math.min(Math.max(x(ms), size.left + 16), size.width - 28)}
          y={20}
          textAnchor="middle"
          fontSize={12}
          fontFamily={FACE.text}
          fill={color.inkSoft}
        >
          {write(ms)}
        </SvgText>
      ))}
    </Svg>
  );
}
