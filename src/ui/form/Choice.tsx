import { StyleSheet, Text, View } from 'react-native';
import { Press } from '../button';
import { Say } from '../text';
import { color, RADIUS, space, TOUCH } from '../tokens';

interface Props<Value extends string> {
  readonly label: string;
  readonly value: Value;
  readonly options: readonly {
    readonly value: Value;
    readonly label: string;
    readonly hint?: string;
  }[];
  readonly onChoose: (value: Value) => void;
  /** Hides the label from sight where the heading above says the same. */
  readonly quietLabel?: boolean;
}

/** One of a few: radio buttons as tiles; the chosen one has a mark as well as a colour. */
export function Choice<Value extends string>(props: Props<Value>) {
  const { label, value, options, onChoose, quietLabel } = props;
  const none = options.every((option) => option.value !== value);
  return (
    <View style={styles.field}>
      {quietLabel ? null : (
        <Say size="small" tone="soft">
          {label}
        </Say>
      )}
      <View role="radiogroup" aria-label={label} style={styles.group}>
        {options.map((option, at) => {
          const chosen = option.value === value;
          // One stop for Tab: the chosen one, or the first where none is.
          const stop = none ? at === 0 : chosen;
          return (
            <Press
              key={option.value}
              role="radio"
              checked={chosen}
              tabIndex={stop ? 0 : -1}
              onPress={() => onChoose(option.value)}
              style={[styles.tile, chosen && styles.chosen]}
            >
              <Say bold={chosen} tone={chosen ? 'action' : 'ink'}>
                <Text aria-hidden>{chosen ? '● ' : '○ '}</Text>
                {option.label}
              </Say>
              {option.hint ? (
                <Say size="tiny" tone="soft">
                  {option.hint}
                </Say>
              ) : null}
            </Press>
          );
        })}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  field: { gap: space.s1 },
  group: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s2 },
  tile: {
    // A long hint wraps within the tile; it never pushes it over the side.
    flexShrink: 1,
    maxWidth: '100%',
    minHeight: TOUCH,
    justifyContent: 'center',
    paddingHorizontal: space.s3,
    paddingVertical: space.s2,
    borderWidth: 1,
    borderColor: color.edge,
    borderRadius: RADIUS,
    backgroundColor: color.panel,
  },
  chosen: { borderColor: color.action, backgroundColor: color.actionWash },
});
