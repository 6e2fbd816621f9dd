import { GENERIC_PROFILES, penFromProfile } from '@/records/profiles';
import { penSchema } from '@/records';
import { makeFormats, DEFAULT_FORMATS } from '@/words';
import { openedWith, schemaOf, takenInto } from '@/features/parts/fields/field';
import { penFields, penParts } from '.';

const formats = makeFormats({ ...DEFAULT_FORMATS, decimalMark: ',' });
const fields = penFields(penParts(formats));
const schema = schemaOf(fields);

test.each(GENERIC_PROFILES.map((profile) => [profile.id, profile] as const))(
  'profile %s passes through the form unchanged and is a valid pen',
  (_id, profile) => {
    const pen = penFromProfile(profile, { code: 'P1', name: 'Pen' });
    const form = schema.parse(openedWith(fields, pen));
    expect(takenInto(fields, form, pen)).toEqual(pen);
    expect(penSchema.parse(pen)).toEqual(pen);
  },
);

test('what is changed in the form is changed in the pen', () => {
  const pen = penFromProfile(
    GENERIC_PROFILES.find(({ id }) => id === 'combination')!,
    {
      code: 'P1',
      name: 'Pen',
    },
  );
  const typed = {
    ...openedWith(fields, pen),
    phFamily: 'sachet' as const,
    ecScale: 'µS/cm' as const,
    ecAlpha: 'none' as const,
  };
  const changed = takenInto(fields, schema.parse(typed), pen);
  expect(changed.ph?.cupsPh).toEqual([6.86, 4]);
  expect(changed.ec).toMatchObject({ scale: 'µS/cm', resolution: 1, compensation: null });
});

test('bad input says what is wrong at its field', () => {
  const pen = penFromProfile(GENERIC_PROFILES[0]!, { code: '', name: 'Pen' });
  const result = schema.safeParse({
    ...openedWith(fields, pen),
    phAccuracy: 'much',
  });
  const messages = Object.fromEntries(
    (result.error?.issues ?? []).map((i) => [i.path[0], i.message]),
  );
  expect(messages).toMatchObject({
    code: 'A short code, e.g. P1.',
    phAccuracy: expect.stringContaining('not a number'),
  });
});
