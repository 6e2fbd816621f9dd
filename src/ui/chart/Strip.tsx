import Svg, { G, Line, Path, Text as SvgText } from 'react-native-svg';
import { color } from '../tokens';
import { FACE } from '../text';
import { stripGeometry, type StripSize, type StripSpec } from './stripGeometry';

/** How a series looks: colour and dash, so that it never goes by colour alone. */
export interface SeriesLook {
  readonly color: string;
  readonly dash?: string | undefined;
}

/** A mark under the axis: a dose, water, an incident, a due date. */
export interface StripFlag {
  readonly atMs: number;
  readonly kind: 'dose' | 'water' | 'incident' | 'due';
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
  /** Draw marks and whiskers; too many points to tell apart go without. */
  readonly detailed?: boolean;
}

const FLAG_PATH: Readonly<Record<StripFlag['kind'], string>> = {
  dose: 'M0 0V10M0 0H8L6 2.5L8 5H0',
  water: 'M0 0C-4 5 -4 9 0 9C4 9 4 5 0 0Z',
  incident: 'M-5 9L0 0L5 9Z',
  due: 'M0 0V10M-4 5H4',
};

/** Labels need this much room between them, px. */
const TICK_ROOM_PX = 15;

/** Ticks that do not run into each other: of two too close only the first stays. */
function apartTicks(ticks: readonly { readonly y: number; readonly value: number }[]) {
  return ticks.filter(
    (tick, index) => index === 0 || Math.abs(tick.y - ticks[index - 1]!.y) >= TICK_ROOM_PX,
  );
}

/** The notch laid along time: band as a recess, corrected values with their ±, what was shown hollow. */
export function Strip({ spec, size, look, write, flags = [], sentence, detailed = true }: Props) {
  const at = stripGeometry(spec, size);
  const flagHeight = flags.length > 0 ? 16 : 0;
  const height = size.height + flagHeight;
  const shown = flags.filter(({ atMs }) => atMs >= spec.domain[0] && atMs <= spec.domain[1]);
  return (
    <Svg
      width={size.width}
      height={height}
      viewBox={`0 0 ${size.width} ${height}`}
      role="img"
      aria-label={sentence}
    >
      <Path d={at.band} fill={color.wood} opacity={0.7} />
      <Path d={at.cone} fill={look.color} opacity={0.16} />
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
      {detailed ? <Path d={at.whiskers} stroke={look.color} strokeWidth={1.5} /> : null}
      <Path
        d={at.line}
        fill="none"
        stroke={look.color}
        strokeWidth={2}
        strokeDasharray={look.dash}
        strokeLinejoin="round"
      />
      {detailed ? (
        <>
          <Path d={at.marks} fill={look.color} />
          <Path d={at.hollow} fill={color.board} stroke={look.color} strokeWidth={1.25} />
        </>
      ) : null}
      {shown.map(({ atMs, kind }, index) => (
        <G key={`${kind}${atMs}${index}`} x={at.x(atMs)} y={size.height}>
          <Path
            d={FLAG_PATH[kind]}
            fill={kind === 'due' ? 'none' : look.color}
            stroke={look.color}
            strokeWidth={1.5}
          />
        </G>
      ))}
      {shown
        .filter(({ kind }) => kind === 'due' || kind === 'incident')
        .map(({ atMs, kind }, index) => (
          <Line
            key={`line${atMs}${index}`}
            x1={at.x(atMs)}
            x2={at.x(atMs)}
            y1={8}
            y2={size.height}
            stroke={kind === 'due' ? color.attention : color.off}
            strokeWidth={1}
            strokeDasharray="3 3"
          />
        ))}
    </Svg>
  );
}
