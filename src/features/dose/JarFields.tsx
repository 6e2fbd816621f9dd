import { StyleSheet, View } from 'react-native';
import { TextField } from '@/ui/form';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { parseDecimal } from '@/words';
import { jarSays } from '@/words/dose/jar';
import type { JarRow, JarSetup } from './jarModel';

/** How the jar is set up and what to reach; each as typed. */
export function JarSetupFields(props: {
  readonly setup: JarSetup;
  readonly aim: string;
  readonly aimMessage: string | undefined;
  readonly onSetup: (setup: JarSetup) => void;
  readonly onAim: (typed: string) => void;
}) {
  const { setup, aim, aimMessage, onSetup, onAim } = props;
  const set = (field: keyof JarSetup) => (typed: string) => onSetup({ ...setup, [field]: typed });
  return (
    <Panel>
      <Say size="small">{jarSays.takeALitreOfTheTank}</Say>
      <View style={styles.row}>
        <TextField
          label={jarSays.sample}
          unit="L"
          numeric
          typed={setup.sampleL}
          onType={set('sampleL')}
        />
        <TextField
          label={jarSays.onePartIn}
          numeric
          typed={setup.dilution}
          onType={set('dilution')}
        />
        <TextField
          label={jarSays.dropsInAMl}
          numeric
          typed={setup.dropsInMl}
          onType={set('dropsInMl')}
        />
      </View>
      <TextField
        label={jarSays.aimPh}
        numeric
        typed={aim}
        message={aimMessage ? { text: aimMessage } : undefined}
        onType={onAim}
      />
    </Panel>
  );
}

/** What is wrong with a field of the test; nothing for an empty one. */
function wrong(typed: string, max: number, words: string) {
  const parsed = parseDecimal(typed);
  if (!parsed.ok) return parsed.reason === 'empty' ? undefined : { text: words };
  return parsed.value >= 0 && parsed.value <= max ? undefined : { text: words };
}

const EMPTY: JarRow = { drops: '', ph: '' };

/** The readings, drop by drop; there is always an empty row for the next few. */
export function JarRows(props: {
  readonly rows: readonly JarRow[];
  readonly onRows: (rows: readonly JarRow[]) => void;
}) {
  const { rows, onRows } = props;
  const set = (at: number, field: keyof JarRow) => (typed: string) => {
    const next = rows.map((row, index) => (index === at ? { ...row, [field]: typed } : row));
    const last = next.at(-1)!;
    onRows(last.drops && last.ph ? [...next, EMPTY] : next);
  };
  return rows.map((row, at) => (
    <View key={at} style={styles.row}>
      <TextField
        label={jarSays.dropsInAll(at + 1)}
        numeric
        typed={row.drops}
        message={wrong(row.drops, 10_000, jarSays.dropsMessage)}
        onType={set(at, 'drops')}
      />
      <TextField
        label={jarSays.phAt(at + 1)}
        numeric
        typed={row.ph}
        message={wrong(row.ph, 14, jarSays.phMessage)}
        onType={set(at, 'ph')}
      />
    </View>
  ));
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', gap: space.s3 } });
