import { View } from 'react-native';
import Svg, { Path, Rect } from 'react-native-svg';
import { encode } from 'uqr';
import { THEMES } from '../tokens';

interface Props {
  readonly text: string;
  /** What it leads to, for who does not see it. */
  readonly label: string;
  /** Its side on the page, px. */
  readonly side?: number;
  /** On embers instead of white: in the crop's night. */
  readonly dim?: boolean;
}

/** Dark on light in both, for the camera's sake. */
const LIGHT = { day: '#fff', dim: THEMES.lightsOut.ink };

/** Light modules round a code, so that a camera finds its edge. */
const QUIET_MODULES = 3;

/** A code to scan. */
export function QrCode({ text, label, side = 232, dim = false }: Props) {
  const { data, size } = encode(text, { ecc: 'M', border: QUIET_MODULES });
  const dark = data.flatMap((row, y) =>
    row.flatMap((isDark, x) => (isDark ? [`M${x} ${y}h1v1h-1z`] : [])),
  );
  return (
    <View role="img" aria-label={label} style={{ width: side, height: side }}>
      <Svg width={side} height={side} viewBox={`0 0 ${size} ${size}`}>
        <Rect width={size} height={size} fill={dim ? LIGHT.dim : LIGHT.day} />
        <Path d={dark.join('')} fill="#000" />
      </Svg>
    </View>
  );
}
