import { StyleSheet, View } from 'react-native';
import { color, RADIUS, space, TOUCH, TOUCH_WET } from '../tokens';
import { Say } from '../text';
import { Press } from './Press';
import { partSays } from '../says';

interface Props {
  readonly label: string;
  /** What it does; a promise's failure is noted. */
  readonly onPress: () => unknown;
  /** The one main action of a screen is `main`; everything else is quiet. */
  readonly kind?: 'main' | 'quiet' | 'text';
  readonly wet?: boolean;
  readonly disabled?: boolean;
  readonly grow?: boolean;
  /** A longer name for screen readers. */
  readonly name?: string;
  /** Where it leads, for a press before the app is there. */
  readonly leadsTo?: string;
  /** The key that does the same on a wide screen. */
  readonly keyHint?: string | undefined;
}

/** A button that says its verb. */
export function Button({
  label,
  onPress,
  kind = 'quiet',
  wet,
  disabled,
  grow,
  name,
  leadsTo,
  keyHint,
}: Props) {
  const main = kind === 'main';
  return (
    <Press
      name={name}
      leadsTo={leadsTo}
      title={keyHint ? partSays.withKey(label, keyHint) : undefined}
      onPress={onPress}
      disabled={disabled}
      style={[
        styles.base,
        kind !== 'text' && styles.framed,
        main && styles.main,
        { minHeight: wet ? TOUCH_WET : TOUCH },
        grow && styles.grow,
        disabled && styles.disabled,
      ]}
    >
      <View style={styles.inner}>
        <Say bold tone={main ? 'onAction' : 'action'} style={styles.label}>
          {label}
        </Say>
        {/* Beside a longer name it would only confuse; there the tooltip tells it. */}
        {keyHint && !name ? (
          <View aria-hidden>
            <Say size="tiny" face="mono" tone={main ? 'onAction' : 'soft'}>
              {keyHint}
            </Say>
          </View>
        ) : null}
      </View>
    </Press>
  );
}

const styles = StyleSheet.create({
  base: { justifyContent: 'center', borderRadius: RADIUS },
  framed: { borderWidth: 1, borderColor: color.action, backgroundColor: color.panel },
  main: { backgroundColor: color.action },
  grow: { flexGrow: 1, flexBasis: 0, minWidth: 104 },
  disabled: { opacity: 0.45 },
  inner: {
    flexDirection: 'row',
    justifyContent: 'center',
    gap: space.s2,
    paddingHorizontal: space.s4,
    paddingVertical: space.s2,
    alignItems: 'center',
  },
  label: { textAlign: 'center' },
});
