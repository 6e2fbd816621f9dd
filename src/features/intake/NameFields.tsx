import type { BookNames, TablePreview } from '@/book/answers';
import { useFormats } from '@/shell/formats';
import { FieldRow, SelectField, TextField } from '@/ui/form';
import { intakeSays } from '@/words/intake/intake';
import { amountOf, choiceOf, freeCode, LEAVE, MAKE, type TypedMatch, type TypedWish } from './wish';
import { QUANTITY_NAME } from '@/words';

/** More names than this are no list a thumb goes through; the rest waits until these are matched. */
const MOST = 30;

interface Props {
  readonly typed: TypedWish;
  readonly preview: TablePreview;
  readonly names: BookNames;
  readonly onChange: (typed: TypedWish) => void;
}

const listed = (all: readonly { readonly id: string; readonly name: string }[]) => [
  { value: '', label: intakeSays.choose },
  ...all.map(({ id, name }) => ({ value: id, label: name })),
  { value: MAKE, label: intakeSays.make },
  { value: LEAVE, label: intakeSays.leave },
];

/** What the names of the table stand for here: known ones are found, the rest is matched by hand. */
export function NameFields({ typed, preview, names, onChange }: Props) {
  const { settings } = useFormats();
  const crops = [
    { value: '', label: intakeSays.choose },
    ...typed.seen.crops.map((label, at) => ({ value: String(at), label })),
  ];
  const place = (name: string, match: TypedMatch) =>
    onChange({ ...typed, places: { ...typed.places, [name]: match } });
  const pen = (name: string, match: TypedMatch) =>
    onChange({ ...typed, pens: { ...typed.pens, [name]: match } });
  const codes = Object.values(typed.pens).map(({ code }) => code);
  return (
    <>
      {preview.places.slice(0, MOST).map((seen) => {
        const match = choiceOf(typed.places, seen);
        return (
          <FieldRow key={`place/${seen.name}`}>
            <SelectField
              label={intakeSays.placeNamed(seen.name)}
              value={match.choice}
              options={listed(names.tanks)}
              onChoose={(choice) => place(seen.name, { ...match, choice })}
            />
            {match.choice === MAKE ? (
              <TextField
                label={intakeSays.volume(seen.name)}
                unit={settings.volumeUnit}
                typed={match.volume}
                numeric
                {...(amountOf(match.volume) === undefined
                  ? { message: { text: intakeSays.volumeNeeded } }
                  : {})}
                onType={(volume) => place(seen.name, { ...match, volume })}
              />
            ) : null}
            {match.choice === MAKE ? (
              <SelectField
                label={intakeSays.crop(seen.name)}
                value={match.target}
                options={crops}
                onChoose={(target) => place(seen.name, { ...match, target })}
              />
            ) : null}
          </FieldRow>
        );
      })}
      {preview.pens.slice(0, MOST).map((seen) => {
        const match = choiceOf(typed.pens, seen);
        const measures = seen.measures.map((side) => QUANTITY_NAME[side]);
        const fitting = names.pens.filter(({ sides }) =>
          seen.measures.every((side) => sides.includes(side)),
        );
        return (
          <FieldRow key={`pen/${seen.name}`}>
            <SelectField
              label={intakeSays.penNamed(seen.name, measures)}
              value={match.choice}
              options={listed(fitting)}
              onChoose={(choice) =>
                pen(seen.name, {
                  ...match,
                  choice,
                  code: match.code || freeCode(seen.name, names, codes),
                })
              }
            />
            {match.choice === MAKE ? (
              <TextField
                label={intakeSays.code(seen.name)}
                typed={match.code}
                onType={(code) => pen(seen.name, { ...match, code: code.slice(0, 4) })}
              />
            ) : null}
          </FieldRow>
        );
      })}
    </>
  );
}
