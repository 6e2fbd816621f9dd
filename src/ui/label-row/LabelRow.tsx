import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { Press } from '../button';
import { Say } from '../text';
import { color, space } from '../tokens';

interface Props {
  /** Stands on the square left end: P4, or a tank's number. */
  readonly code: string;
  /** The verb on the tapered right end. */
  readonly action: string;
  readonly href: string;
  readonly onPress: () => void;
  readonly children: ReactNode;
  /** Draws the label's edge stronger: the next thing to do, or trouble. */
  readonly edge?: 'plain' | 'next' | 'off';
  readonly selected?: boolean;
}

const EDGE = { plain: color.edge, next: color.action, off: color.off } as const;
const TAPER_PX = 26;

/** A row like a wooden plant label: square end with the code, tapered end pointing at the action. */
export function LabelRow(props: Props) {
  const { code, action, href, onPress, children, edge = 'plain', selected } = props;
  const line = selected ? color.action : EDGE[edge];
  const width = edge === 'plain' && !selected ? 1 : 2;
  return (
    <Press href={href} onPress={onPress} current={selected} style={styles.row}>
      <View style={[styles.end, { borderColor: line, borderWidth: width }]}>
        <Say face="slab" size={code.length > 3 ? 'body' : 'large'} style={styles.code}>
          {code}
        </Say>
      </View>
      <View
        style={[
          styles.body,
          { borderColor: line, borderTopWidth: width, borderBottomWidth: width },
        ]}
      >
        <View style={styles.content}>{children}</View>
        <Say bold tone="action">
          {action}
        </Say>
      </View>
      <View style={styles.taper}>
        <Svg width="100%" height="100%" viewBox="0 0 26 100" preserveAspectRatio="none" aria-hidden>
          <Path d="M0 0L26 50L0 100Z" fill={color.panel} />
          <Path
            d="M0 0L25.5 50L0 100"
            fill="none"
            stroke={line}
            strokeWidth={width * 2}
            vectorEffect="non-scaling-stroke"
          />
        </Svg>
      </View>
    </Press>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'stretch', minHeight: 64 },
  end: {
    width: 50,
    backgroundColor: color.wood,
    alignItems: 'center',
    justifyContent: 'center',
    borderTopLeftRadius: 3,
    borderBottomLeftRadius: 3,
  },
  code: { textAlign: 'center' },
  body: {
    flex: 1,
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.s2,
    backgroundColor: color.panel,
    paddingLeft: space.s3,
    paddingVertical: space.s2,
    marginRight: TAPER_PX - 1,
  },
  content: { flex: 1, gap: 2 },
  taper: { position: 'absolute', top: 0, bottom: 0, right: 0, width: TAPER_PX },
});
