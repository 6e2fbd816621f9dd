import Svg, { Path, Text as SvgText } from 'react-native-svg';
import { color } from '../tokens';
import { FACE } from '../text';
import { partSays } from '../says';
import { flagLayers, type StripFlag } from './flagLayers';
import { stripGeometry, type StripSize, type StripSpec } from './stripGeometry';

/** How a series looks: colour and dash, so that it never goes by colour alone. */
interface SeriesLook {
  readonly color: string;
  readonly dash?: string | undefined;
}

interface Props {
  readonly spec: StripSpec;
  readonly size: StripSize;
  readonly look: SeriesLook;
  /** Writes a value of the axis. */
  readonly write: (value: number) => string;
  readonly flags?: readonly StripFlag[];
  /** Said instead of the picture; its table stands beside. */
  readonly sentence: string;
}

/** Labels need this much room between them, px. */
const TICK_ROOM_PX = 15;

/** Half the word of a due date, px. */
const DUE_HALF_PX = 12;

/** Ticks that do not run into each other: of two too close only the first stays. */
function apartTicks(ticks: readonly { readonly y: number; readonly value: number }[]) {
  return ticks.filter(
    (tick, index) => index === 0 || Math.abs(tick.y - ticks[index - 1]!.y) >= TICK_ROOM_PX,
  );
}

/** The notch laid along time: band as a recess, corrected values with their ±, what was shown hollow. */
export function Strip({ spec, size, look, write, flags = [], sentence }: Props) {
  const at = stripGeometry(spec, size);
  const flagHeight = flags.length > 0 ? 16 : 0;
  const height = size.height + flagHeight;
  const shown = flags.filter(({ atMs }) => atMs >= spec.domain[0] && atMs <= spec.domain[1]);
  const layers = flagLayers(shown, at.x, size.height);
  return (
    <Svg
      width={size.width}
      height={height}
      viewBox={`0 0 ${size.width} ${height}`}
      role="img"
      aria-label={sentence}
    >
      <Path d={at.band} fill={color.wood} opacity={0.7} />
      <Path d={at.cloud} fill={look.color} opacity={0.16} />
      {at.cloudLine ? (
        <Path d={at.cloudLine} fill="none" stroke={look.color} strokeWidth={1.25} opacity={0.7} />
      ) : null}
      <Path d={at.axis} fill="none" stroke={color.ink} strokeWidth={1.5} />
      {apartTicks(at.ticks).map((tick) => (
        <SvgText
          key={tick.value}
          x={size.left - 12}
          y={tick.y + 4}
          textAnchor="end"
          fontSize={12}
          fontFamily={FACE.mono}
          fill={color.inkSoft}
        >
          {write(tick.value)}
        </SvgText>
      ))}
      {at.whiskers ? <Path d={at.whiskers} stroke={look.color} strokeWidth={1.5} /> : null}
      <Path
        d={at.line}
        fill="none"
        stroke={look.color}
        strokeWidth={2}
        strokeDasharray={look.dash}
        strokeLinejoin="round"
      />
      {at.marks ? (
        <>
          <Path d={at.marks} fill={look.color} />
          <Path d={at.hollow} fill={color.board} stroke={look.color} strokeWidth={1.25} />
        </>
      ) : null}
      <Path d={layers.filled} fill={look.color} stroke={look.color} strokeWidth={1.5} />
      {layers.dueAt.map((dueX) => (
        <SvgText
          key={dueX}
          x={Math.min(Math.max(dueX, size.left + DUE_HALF_PX), size.width - DUE_HALF_PX)}
          y={height - 3}
          textAnchor="middle"
          fontSize={12}
          fontFamily={FACE.text}
          fill={color.attention}
        >
          {partSays.due}
        </SvgText>
      ))}
      <Path
        d={layers.dueLines}
        fill="none"
        stroke={color.attention}
        strokeWidth={1}
        strokeDasharray="3 3"
      />
      <Path
        d={layers.incidentLines}
        fill="none"
        stroke={color.off}
        strokeWidth={1}
        strokeDasharray="3 3"
      />
    </Svg>
  );
}
