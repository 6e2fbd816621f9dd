import { useFieldArray, useWatch, type Control } from 'react-hook-form';
import { View } from 'react-native';
import { BUFFER_TOLERANCE_PH } from '@/core/buffers';
import { STANDARD_TOLERANCE_REL } from '@/core/conductivity';
import { useFormats } from '@/shell/formats';
import { FormField } from '@/features/parts/FormField';
import { SimpleTable } from '@/features/parts/SimpleTable';
import { Button } from '@/ui/button';
import { FieldRow } from '@/ui/form';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { parseDecimal } from '@/words';
import { MOST_ROWS, usualRows } from './labelTable';
import type { LotFormIn, LotFormOut } from './lotFormSchema';
import { valuesByTemperature } from './lotValues';

interface Props {
  readonly control: Control<LotFormIn, unknown, LotFormOut>;
  readonly buffer: boolean;
}

/** What the label of a buffer or standard prints beyond its name: it rules over what Zolder knows. */
export function LabelFields({ control, buffer }: Props) {
  const formats = useFormats();
  const { fields, append, replace } = useFieldArray({ control, name: 'table' });
  const unit = buffer ? 'pH' : formats.ecUnit;
  const usual = buffer
    ? `±${formats.number(BUFFER_TOLERANCE_PH, 2)} pH`
    : `±${formats.number(100 * STANDARD_TOLERANCE_REL, 0)} %`;
  return (
    <Panel>
      <Say bold>What its label says</Say>
      <FormField
        control={control}
        name="tolerance"
        label="Tolerance"
        unit={buffer ? '± pH' : '± %'}
        hint={`Empty: ${usual}, as most are.`}
        numeric
      />
      {fields.length === 0 && !buffer ? (
        <FormField
          control={control}
          name="alphaPercent"
          label="Its coefficient"
          unit="%/°C"
          hint="Where the label prints one instead of a table. Empty: what Zolder knows."
          numeric
        />
      ) : null}
      {fields.length === 0 ? (
        <>
          <KnownValues control={control} buffer={buffer} />
          <Button label="Type the table of its label" onPress={() => replace(usualRows(formats))} />
        </>
      ) : (
        <>
          <Say size="small" tone="soft">
            Value against temperature. It rules over what Zolder knows; between rows goes a straight
            line, outside them nothing is known.
          </Say>
          {fields.map(({ id }, at) => (
            <FieldRow key={id} narrow>
              <FormField
                control={control}
                name={`table.${at}.temp`}
                label={`Row ${at + 1}, at`}
                unit={formats.settings.tempUnit}
                numeric
              />
              <FormField
                control={control}
                name={`table.${at}.value`}
                label={`Row ${at + 1}, value`}
                unit={unit}
                numeric
              />
            </FieldRow>
          ))}
          <View>
            {fields.length < MOST_ROWS ? (
              <Button
                kind="text"
                label="One more row"
                onPress={() => append({ temp: '', value: '' })}
              />
            ) : null}
            <Button kind="text" label="Without a table" onPress={() => replace([])} />
          </View>
        </>
      )}
    </Panel>
  );
}

/** What Zolder takes the liquid for, at the temperatures cups have. */
function KnownValues({ control, buffer }: Props) {
  const formats = useFormats();
  const nominal = parseDecimal(useWatch({ control, name: 'nominal' }));
  const alpha = parseDecimal(useWatch({ control, name: 'alphaPercent' }));
  const told = alpha.ok && alpha.value >= 1 && alpha.value <= 3;
  const labelAlphaPerC = told ? alpha.value / 100 : undefined;
  const rows = nominal.ok
    ? valuesByTemperature(
        buffer ? 'buffer' : 'ecStandard',
        buffer ? nominal.value : formats.ecFromTyped(nominal.value),
        labelAlphaPerC,
      )
    : [];
  if (rows.length === 0) return null;
  return (
    <SimpleTable
      label="Its value by temperature"
      heads={['At', buffer ? 'pH' : formats.ecUnit]}
      rows={rows.map(({ tempC, value }) => ({
        id: String(tempC),
        cells: [formats.temp(tempC), buffer ? formats.ph(value) : formats.ecFine(value)],
      }))}
      mono={[0, 1]}
    />
  );
}
