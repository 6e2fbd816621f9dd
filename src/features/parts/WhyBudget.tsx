import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Budget } from '@/core/uncertainty';
import { useKeyAct } from '@/shell/keys/Keys';
import { useKeyHint } from '@/shell/keys/useKeyHint';
import { Button } from '@/ui/button';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { BUDGET_WORDS } from '@/words';
import { commonSays } from '@/words/common';
import { partsSays } from '@/words/parts/parts';

interface Props {
  readonly budget: Budget;
  /** What stands on the same line, before the question. */
  readonly aside: string;
  /** What the ± belongs to, for the button's name. */
  readonly of: string;
  /** Writes a part in the unit shown. */
  readonly write: (stdU: number) => string;
}

/** "Why?" beside a ±: the budget, largest part first, and what would shrink it. */
export function WhyBudget({ budget, aside, of, write }: Props) {
  const [open, setOpen] = useState(false);
  const hint = useKeyHint();
  useKeyAct('why', () => setOpen((before) => !before));
  const largest = budget.parts[0];
  return (
    <View>
      <View style={styles.line}>
        <Say size="small" tone="soft" style={styles.what}>
          {aside}
        </Say>
        <Button
          kind="text"
          label={open ? commonSays.close : partsSays.whyMargin}
          name={`${open ? commonSays.close : partsSays.whyMargin} ${of}`}
          keyHint={hint('.')}
          onPress={() => setOpen(!open)}
        />
      </View>
      {open && largest ? (
        <View style={styles.list}>
          {budget.parts.map((part) => (
            <View key={part.source} style={styles.part}>
              <Say size="small" style={styles.what}>
                {BUDGET_WORDS[part.source].what}
              </Say>
              <Say size="small" face="mono">
                {`± ${write(2 * part.stdU)}`}
              </Say>
            </View>
          ))}
          <Say size="small" bold>
            {partsSays.whatWouldShrinkIt(BUDGET_WORDS[largest.source].shrink)}
          </Say>
        </View>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', alignItems: 'center' },
  list: { gap: space.s1, paddingBottom: space.s2 },
  part: { flexDirection: 'row', gap: space.s2 },
  what: { flex: 1 },
});
