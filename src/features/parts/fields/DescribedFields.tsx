import { Fragment } from 'react';
import {
  useController,
  useWatch,
  type Control,
  type FieldPath,
  type FieldValues,
} from 'react-hook-form';
import { View } from 'react-native';
import { FormField } from '@/features/parts/FormField';
import { SchoolNote } from '@/features/parts/SchoolNote';
import { Button } from '@/ui/button';
import { Choice, FieldRow, SelectField } from '@/ui/form';
import { following, type Drawn, type Standing } from './field';

interface Props<In extends FieldValues, Out> {
  readonly control: Control<In, unknown, Out>;
  readonly fields: Readonly<Record<string, Drawn>>;
}

/** Draws fields from their descriptions; those that stand beside each other in one row. */
export function DescribedFields<In extends FieldValues, Out>({ control, fields }: Props<In, Out>) {
  const standing: Standing = useWatch({ control });
  const asked = Object.entries(fields).filter(([, field]) => field.when?.(standing) ?? true);
  const rows: [string, Drawn][][] = [];
  for (const entry of asked) {
    const last = rows.at(-1);
    if (entry[1].beside && last) last.push(entry);
    else rows.push([entry]);
  }
  return rows.map((row) => {
    const drawn = row.map(([name, field]) => (
      <Described key={name} {...{ control, field, standing }} name={name as FieldPath<In>} />
    ));
    const key = row[0]![0];
    if (row.length === 1) return <Fragment key={key}>{drawn}</Fragment>;
    return (
      <FieldRow key={key} narrow={row[1]?.[1].beside === 'always'}>
        {drawn}
      </FieldRow>
    );
  });
}

interface OneProps<In extends FieldValues, Out> {
  readonly control: Control<In, unknown, Out>;
  readonly name: FieldPath<In>;
  readonly field: Drawn;
  readonly standing: Standing;
}

function Described<In extends FieldValues, Out>(props: OneProps<In, Out>) {
  const { control, name, field, standing } = props;
  const { field: typed } = useController({ control, name });
  const offer = field.offer?.(standing);
  const one = field.options ? <Chosen {...props} /> : <Typed {...props} />;
  if (!offer && !field.disputed) return one;
  return (
    <View>
      {one}
      {field.disputed ? <SchoolNote about={field.disputed} /> : null}
      {offer ? (
        <Button kind="text" label={offer.label} onPress={() => typed.onChange(offer.value)} />
      ) : null}
    </View>
  );
}

function Typed<In extends FieldValues, Out>({ control, name, field, standing }: OneProps<In, Out>) {
  const { label, hint, unit, numeric, day } = field;
  return (
    <FormField
      control={control}
      name={name}
      label={following(label, standing)}
      {...(hint === undefined ? {} : { hint })}
      {...(unit === undefined ? {} : { unit: following(unit, standing) })}
      {...(numeric ? { numeric } : {})}
      {...(day ? { day } : {})}
    />
  );
}

function Chosen<In extends FieldValues, Out>(props: OneProps<In, Out>) {
  const { control, name, standing } = props;
  const { label, options = [], list } = props.field;
  const { field } = useController({ control, name });
  const Form = list ? SelectField : Choice;
  return (
    <Form
      label={following(label, standing)}
      value={String(field.value)}
      options={options}
      onChoose={field.onChange}
    />
  );
}
