import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { ReadAnswer, TankAnswer } from '@/book/answers';
import { useAnswer, useAppend, useDraft, useNowMs } from '@/book/react';
import { useFormats } from '@/features/frame/formats';
import { leadsDown } from '@/features/products/productSchema';
import { useProducts, type AnyProduct } from '@/features/products/useProducts';
import { Button } from '@/ui/button';
import { SelectField, TextField } from '@/ui/form';
import { Panel, Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { parseDecimal } from '@/words';
import { Caution } from './Caution';
import {
  JAR_WARNING,
  jarFirstShare,
  jarNumbers,
  jarPhAt,
  jarPoints,
  jarRefusalWords,
  jarResult,
  type JarRow,
  type JarSetup,
} from './jarModel';
import { mixedAt } from './mixedAt';

/** Jar test: a litre of the tank, the product diluted, drop by drop; then scaled to the tank. */
export function JarScreen() {
  const { tankId, product } = useLocalSearchParams<{ tankId: string; product?: string }>();
  const nowMs = useNowMs();
  const { data } = useAnswer(['read'], (client) => client.read(nowMs), nowMs);
  const products = useProducts();
  const tank = data?.tanks.find(({ id }) => id === tankId);
  if (!data || !products || !tank) return <Skeleton label="Loading the jar test" />;
  return <Jar answer={data} tank={tank} products={products} productId={product} nowMs={nowMs} />;
}

interface Props {
  readonly answer: ReadAnswer;
  readonly tank: TankAnswer;
  readonly products: readonly AnyProduct[];
  readonly productId: string | undefined;
  readonly nowMs: number;
}

interface Draft {
  readonly setup: JarSetup;
  readonly rows: readonly JarRow[];
  readonly aim: string;
}

const FIRST: JarSetup = { sampleL: '1', dilution: '50', dropsInMl: '20' };
const EMPTY: JarRow = { drops: '', ph: '' };

function Jar({ answer, tank, products, productId, nowMs }: Props) {
  const router = useRouter();
  const formats = useFormats();
  const append = useAppend();
  const { body } = tank;
  const middle = (body.phBand.low + body.phBand.high) / 2;
  const [chosenId, setChosen] = useState(productId ?? products[0]?.id ?? '');
  const [setup, setSetup] = useState(FIRST);
  const [rows, setRows] = useState<readonly JarRow[]>([{ drops: '0', ph: '' }, EMPTY, EMPTY]);
  const [aim, setAim] = useState(formats.number(middle, 2));
  const draft = useDraft<Draft>(`jar/${tank.id}`, (kept) => {
    setSetup(kept.setup);
    setRows(kept.rows);
    setAim(kept.aim);
  });
  const keep = (next: Partial<Draft>) => draft.keep({ setup, rows, aim, ...next });
  const product = products.find(({ id }) => id === chosenId) ?? products[0]!;
  const penId = answer.remembered[tank.id]?.phPenId;
  const pens = answer.pens.filter((each) => each.body.ph);
  const pen = pens.find(({ id }) => id === penId) ?? pens[0];
  const typedAim = parseDecimal(aim);
  const aimPh = typedAim.ok && typedAim.value >= 4 && typedAim.value <= 9 ? typedAim.value : middle;
  const tankVolumeL = tank.latest?.volumeL ?? body.volumeL;
  const result = jarResult({ setup, rows, pen, aimPh, tankVolumeL });
  const set = (at: number, field: keyof JarRow) => (typed: string) => {
    const next = rows.map((row, index) => (index === at ? { ...row, [field]: typed } : row));
    // There is always an empty row for the next few drops.
    const last = next.at(-1)!;
    const grown = last.drops && last.ph ? [...next, EMPTY] : next;
    setRows(grown);
    keep({ rows: grown });
  };
  const prepare = (field: keyof JarSetup) => (typed: string) => {
    const next = { ...setup, [field]: typed };
    setSetup(next);
    keep({ setup: next });
  };
  const share = result.ok ? jarFirstShare(rows, pen, result.value.drops) : 0;
  const first = result.ok ? share * result.value.doseMl : 0;
  const mixing = Date.parse(tank.mixing?.body.rereadAt ?? '') > nowMs;
  const pour = async () => {
    if (!result.ok) return;
    const pouredMs = Date.now();
    const at = new Date(pouredMs).toISOString();
    const common = { tankId: tank.id, at, productId: product.id, productName: product.name };
    await append.mutateAsync([
      {
        kind: 'jarTest',
        body: {
          ...common,
          ...jarNumbers(setup),
          points: jarPoints(rows),
          aimPh,
          tankVolumeL,
          penId: pen?.id,
          note: '',
        },
      },
      {
        kind: 'addition',
        body: {
          ...common,
          what: leadsDown(product.product.reagent) ? 'acid' : 'base',
          doseMl: Number(first.toFixed(3)),
          tankVolumeL,
          readingId: tank.latest?.id,
          rereadAt: mixedAt(body, tankVolumeL, pouredMs),
          predictedPh: jarPhAt(rows, pen, share * result.value.drops),
          note: 'By a jar test.',
        },
      },
    ]);
    draft.forget();
    router.replace(`/tanks/${tank.id}` as '/');
  };
  return (
    <Screen
      actions={
        <>
          <Button wet label="Back" onPress={() => router.back()} />
          {result.ok && !mixing ? (
            <Button
              kind="main"
              wet
              grow
              label={`Poured ${formats.doseMl(first)}, start mixing`}
              disabled={append.isPending}
              onPress={() => void pour()}
            />
          ) : null}
        </>
      }
    >
      <Say size="large" face="slab" heading={1}>
        Jar test · {body.name}
      </Say>
      <SelectField
        label="Product"
        value={chosenId}
        options={products
          .filter(({ product: each }) => each.strength.kind !== 'dry')
          .map(({ id, name }) => ({ value: id, label: name }))}
        onChoose={setChosen}
      />
      <Panel>
        <Say size="small">
          1. Take a litre of the tank in a plastic jug. 2. Dilute the product: one part in all the
          parts below. 3. Count how many drops make one mL of your dropper. 4. A few drops, stir,
          wait until still, write the pH; again, until it passes the aim.
        </Say>
        <View style={styles.row}>
          <TextField
            label="Sample"
            unit="L"
            numeric
            typed={setup.sampleL}
            onType={prepare('sampleL')}
          />
          <TextField
            label="One part in"
            numeric
            typed={setup.dilution}
            onType={prepare('dilution')}
          />
          <TextField
            label="Drops in a mL"
            numeric
            typed={setup.dropsInMl}
            onType={prepare('dropsInMl')}
          />
        </View>
        <TextField
          label="Aim, pH"
          numeric
          typed={aim}
          message={
            typedAim.ok && typedAim.value === aimPh
              ? undefined
              : { text: 'A pH from 4 to 9; the middle of the band until then.' }
          }
          onType={(typed) => {
            setAim(typed);
            keep({ aim: typed });
          }}
        />
      </Panel>
      <Panel>
        <Say size="small" tone="soft">
          {pen ? `Read with ${pen.body.code}; its error is taken off.` : 'As the pen shows it.'}
        </Say>
        {rows.map((row, at) => (
          <View key={at} style={styles.row}>
            <TextField
              label={`Drops in all, ${at + 1}`}
              numeric
              typed={row.drops}
              onType={set(at, 'drops')}
            />
            <TextField label={`pH, ${at + 1}`} numeric typed={row.ph} onType={set(at, 'ph')} />
          </View>
        ))}
      </Panel>
      <Panel tone="wash">
        <View role="status" aria-live="polite">
          {result.ok ? (
            <>
              <Say size="large" bold face="mono">
                {formats.doseMl(result.value.doseMl)} for the tank
              </Say>
              <Say size="small">
                {formats.number(result.value.drops, 1)} drops reach {formats.number(aimPh, 2)} in{' '}
                {setup.sampleL} L; the tank is {formats.number(result.value.scale, 0)} times that.
                Pour {formats.doseMl(first)} of the undiluted product first, re-read, then the rest.
              </Say>
              {mixing ? (
                <Say bold tone="attention">
                  The last dose is still mixing: read the tank again first.
                </Say>
              ) : null}
              {result.value.warnings.map((warning) => (
                <Say key={warning} size="small" bold tone="attention">
                  {JAR_WARNING[warning]}
                </Say>
              ))}
            </>
          ) : (
            <Say>{jarRefusalWords(result.refusal, formats)}</Say>
          )}
        </View>
      </Panel>
      <Caution trained={product.group === 'trained'} />
    </Screen>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', gap: space.s3 } });
