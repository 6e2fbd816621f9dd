import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Line, Path, Rect } from 'react-native-svg';
import { color } from '../tokens';
import {
  hatch,
  notchGeometry,
  type NotchReading,
  type NotchSize,
  type PegPose,
} from './notchGeometry';

interface Props {
  readonly band: { readonly low: number; readonly high: number };
  readonly reading?: NotchReading | undefined;
  /** Where it was taken to be before: a dotted upright. */
  readonly wasValue?: number | undefined;
  readonly size: NotchSize;
  /** What it says to somebody who cannot see it. */
  readonly sentence: string;
}

const PEG_COLOR: Readonly<Record<Exclude<PegPose, 'none'>, string>> = {
  in: color.fit,
  edge: color.attention,
  bar: color.off,
  across: color.inkSoft,
};

/** A bar with a recess where the band lies, and the reading as a peg with shoulders as wide as its ±. */
export function Notch({ band, reading, wasValue, size, sentence }: Props) {
  const [width, setWidth] = useState(0);
  return (
    <View
      role="img"
      aria-label={sentence}
      style={styles.frame}
      onLayout={({ nativeEvent }) => setWidth(Math.floor(nativeEvent.layout.width))}
    >
      {width > 0 ? <Drawing {...{ band, reading, wasValue, size, width }} /> : null}
    </View>
  );
}

function Drawing({ width, ...props }: Omit<Props, 'sentence'> & { readonly width: number }) {
  const at = notchGeometry({ ...props, width });
  return (
    <Svg width={width} height={at.height} viewBox={`0 0 ${width} ${at.height}`}>
      <Path d={at.bar} fill={color.wood} stroke={color.ink} strokeWidth={1} />
      <Peg at={at} />
      {at.was === undefined ? null : (
        <Line
          x1={at.was}
          x2={at.was}
          y1={1}
          y2={at.barTop - 1}
          stroke={color.ink}
          strokeWidth={2}
          strokeDasharray="2 2"
        />
      )}
    </Svg>
  );
}

function Peg({ at }: { readonly at: ReturnType<typeof notchGeometry> }) {
  const { peg, pose, beyond, height } = at;
  if (!peg || pose === 'none') return null;
  const paint = PEG_COLOR[pose];
  const box = {
    x: peg.left,
    y: peg.top,
    width: peg.right - peg.left,
    height: peg.bottom - peg.top,
  };
  const solid = pose === 'in' || pose === 'bar';
  const stroke = height > 60 ? 2 : 1.5;
  const tip = beyond === 'left' ? -1 : 1;
  const edge = beyond === 'left' ? peg.left : peg.right;
  const middle = (peg.top + peg.bottom) / 2;
  return (
    <>
      <Rect
        {...box}
        rx={1}
        fill={solid ? paint : color.panel}
        stroke={paint}
        strokeWidth={stroke}
      />
      {pose === 'edge' ? (
        <Path d={hatch(peg, height > 60 ? 9 : 6)} stroke={paint} strokeWidth={2} />
      ) : null}
      {pose === 'across' ? null : (
        <Line
          x1={peg.at}
          x2={peg.at}
          y1={peg.top - 3}
          y2={peg.bottom}
          stroke={solid ? color.panel : paint}
          strokeWidth={2}
        />
      )}
      {beyond && pose !== 'across' ? (
        <Path
          d={`M${edge - tip * 7} ${middle - 5}L${edge - tip} ${middle}L${edge - tip * 7} ${middle + 5}`}
          stroke={color.panel}
          strokeWidth={2}
          fill="none"
        />
      ) : null}
    </>
  );
}

const styles = StyleSheet.create({ frame: { width: '100%' } });
