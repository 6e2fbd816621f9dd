import { useFieldArray, useWatch, type Control } from 'react-hook-form';
import { View } from 'react-native';
import { BUFFER_TOLERANCE_PH } from '@/core/buffers';
import { STANDARD_TOLERANCE_REL } from '@/core/conductivity';
import { useFormats } from '@/shell/formats';
import { FormField } from '@/features/parts/FormField';
import { DescribedFields } from '@/features/parts/fields/DescribedFields';
import { SimpleTable } from '@/features/parts/SimpleTable';
import { Button } from '@/ui/button';
import { FieldRow } from '@/ui/form';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { parseDecimal } from '@/words';
import { lotSays } from '@/words/shelf/lot';
import { MOST_ROWS, usualRows } from './labelTable';
import type { LotFormIn, LotFormOut, lotParts } from './lotFields';
import { valuesByTemperature } from './lotValues';

interface Props {
  readonly control: Control<LotFormIn, unknown, LotFormOut>;
  readonly fields: ReturnType<typeof lotParts>['label'];
  readonly buffer: boolean;
}

/** What the label of a buffer or standard prints beyond its name: it rules over what Zolder knows. */
export function LabelFields({ control, fields: label, buffer }: Props) {
  const formats = useFormats();
  const { fields: rows, append, replace } = useFieldArray({ control, name: 'table' });
  const unit = buffer ? 'pH' : formats.ecUnit;
  const usual = buffer
    ? `±${formats.number(BUFFER_TOLERANCE_PH, 2)} pH`
    : `±${formats.number(100 * STANDARD_TOLERANCE_REL, 0)} %`;
  return (
    <Panel>
      <Say bold>{lotSays.whatItsLabelSays}</Say>
      <DescribedFields
        control={control}
        fields={{ tolerance: { ...label.tolerance, hint: lotSays.usualTolerance(usual) } }}
      />
      {rows.length === 0 && !buffer ? (
        <DescribedFields control={control} fields={{ alphaPercent: label.alphaPercent }} />
      ) : null}
      {rows.length === 0 ? (
        <>
          <KnownValues control={control} buffer={buffer} />
          <Button label={lotSays.typeTheTable} onPress={() => replace(usualRows(formats))} />
        </>
      ) : (
        <>
          <Say size="small" tone="soft">
            {lotSays.tableRules}
          </Say>
          {rows.map(({ id }, at) => (
            <FieldRow key={id} narrow>
              <FormField
                control={control}
                name={`table.${at}.temp`}
                label={lotSays.rowAt(at + 1)}
                unit={formats.settings.tempUnit}
                numeric
              />
              <FormField
                control={control}
                name={`table.${at}.value`}
                label={lotSays.rowValue(at + 1)}
                unit={unit}
                numeric
              />
            </FieldRow>
          ))}
          <View>
            {rows.length < MOST_ROWS ? (
              <Button
                kind="text"
                label={lotSays.oneMoreRow}
                onPress={() => append({ temp: '', value: '' })}
              />
            ) : null}
            <Button kind="text" label={lotSays.withoutATable} onPress={() => replace([])} />
          </View>
        </>
      )}
    </Panel>
  );
}

/** What Zolder takes the liquid for, at the temperatures cups have. */
function KnownValues({ control, buffer }: Omit<Props, 'fields'>) {
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
      label={lotSays.valueByTemperature}
      heads={[lotSays.atTemperature, buffer ? 'pH' : formats.ecUnit]}
      rows={rows.map(({ tempC, value }) => ({
        id: String(tempC),
        cells: [formats.temp(tempC), buffer ? formats.ph(value) : formats.ecFine(value)],
      }))}
      mono={[0, 1]}
    />
  );
}
