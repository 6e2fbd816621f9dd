import '@testing-library/jest-dom';
import { act, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { Button } from './button';
import { Choice, MomentField, SelectField, TextField } from './form';
import { LabelRow } from './label-row';
import { NumberField } from './number-field';
import { Overlay } from './overlay';
import { SortableList } from './sortable';
import { Say } from './text';

test('a number field says its label, unit and message, keeps what is typed and offers a value', () => {
  const typed: string[] = [];
  const message = { text: 'Was the point lost?', instead: { label: 'Use 6.5', typed: '6.5' } };
  render(
    <NumberField
      label="EC"
      unit="mS/cm"
      typed="65"
      onType={(text) => typed.push(text)}
      message={message}
    />,
  );
  const field = screen.getByRole('textbox', { name: 'EC, mS/cm' });
  expect(field).toHaveValue('65');
  expect(field).toHaveAttribute('aria-invalid', 'true');
  expect(field).toHaveAttribute('inputmode', 'decimal');
  expect(field).toHaveAccessibleDescription('Was the point lost?');
  fireEvent.click(screen.getByRole('button', { name: 'Use 6.5' }));
  expect(typed).toEqual(['6.5']);
});

test('steps go both ways and a unit can be changed', () => {
  const steps: number[] = [];
  let unit = 0;
  render(
    <NumberField
      label="pH"
      unit="°C"
      typed=""
      onType={() => undefined}
      onStep={(by) => steps.push(by)}
      onUnit={() => (unit += 1)}
    />,
  );
  fireEvent.click(screen.getByRole('button', { name: 'pH up one step' }));
  fireEvent.click(screen.getByRole('button', { name: 'pH down one step' }));
  fireEvent.click(screen.getByRole('button', { name: /Change the unit/ }));
  expect(steps).toEqual([1, -1]);
  expect(unit).toBe(1);
});

test('what stands in a field is selected on focus, but never what was typed since', () => {
  jest.useFakeTimers();
  const field = () => <NumberField label="pH" unit="" typed="6.4" onType={() => undefined} />;
  const { rerender } = render(field());
  const input = screen.getByRole<HTMLInputElement>('textbox', { name: 'pH' });
  const selected = () => input.value.slice(input.selectionStart ?? 0, input.selectionEnd ?? 0);
  input.focus();
  expect(selected()).toBe('6.4');
  // A quick thumb: the first digit is there before the browser settles its selection.
  input.blur();
  input.focus();
  rerender(<NumberField label="pH" unit="" typed="5" onType={() => undefined} />);
  input.setSelectionRange(1, 1);
  jest.runAllTimers();
  expect(selected()).toBe('');
  jest.useRealTimers();
});

test('a field that loses the focus and gets it back while one types goes on where it was', () => {
  jest.useFakeTimers();
  function Typed() {
    const [typed, type] = useState('');
    return (
      <>
        <NumberField label="pH" unit="" typed={typed} onType={type} />
        <Button label="Save" onPress={() => undefined} />
      </>
    );
  }
  render(<Typed />);
  const input = screen.getByRole<HTMLInputElement>('textbox', { name: 'pH' });
  input.focus();
  fireEvent.change(input, { target: { value: '1' } });
  input.blur();
  input.focus();
  jest.runAllTimers();
  expect([input.value, input.selectionStart, input.selectionEnd]).toEqual(['1', 1, 1]);
  // After another part was pressed, and long after, what stands there is to be replaced.
  const toBeReplaced = () => [input.selectionStart, input.selectionEnd];
  screen.getByRole('button').focus();
  input.focus();
  expect(toBeReplaced()).toEqual([0, 1]);
  fireEvent.change(input, { target: { value: '1' } });
  jest.advanceTimersByTime(1500);
  input.blur();
  input.focus();
  expect(toBeReplaced()).toEqual([0, 1]);
  jest.useRealTimers();
});

function Fruit() {
  const [value, choose] = useState<'a' | 'b'>('a');
  const options = [
    { value: 'a' as const, label: 'pear' },
    { value: 'b' as const, label: 'plum', hint: 'ripe' },
  ];
  return <Choice label="Fruit" value={value} options={options} onChoose={choose} />;
}

test('a choice is a radio group: pressed, by space, and by arrows', () => {
  render(<Fruit />);
  const [pear, plum] = screen.getAllByRole('radio');
  expect(pear).toBeChecked();
  // One stop for Tab, the others by arrows.
  expect([pear, plum].map((radio) => radio!.tabIndex)).toEqual([0, -1]);
  fireEvent.click(plum!);
  expect(plum).toBeChecked();
  expect(plum).toHaveAccessibleName(/plum.*ripe/);
  fireEvent.keyDown(plum!, { key: 'ArrowDown' });
  expect(pear).toBeChecked();
  expect(pear).toHaveFocus();
  fireEvent.keyDown(plum!, { key: ' ' });
  expect(plum).toBeChecked();
});

test('a hint and a message are both read out with their field', () => {
  render(
    <TextField
      label="Left"
      typed="x"
      onType={() => undefined}
      hint="20 mL are taken each time."
      message={{ text: 'Zero or more.' }}
    />,
  );
  expect(screen.getByRole('textbox')).toHaveAccessibleDescription(
    /^20\smL are taken each time\. Zero or more\.$/,
  );
});

test('a sheet is a dialog of the browser’s own: focus goes in, Esc closes it, focus comes back', () => {
  const shown: string[] = [];
  Object.assign(HTMLDialogElement.prototype, {
    showModal(this: HTMLDialogElement) {
      this.open = true;
      shown.push('modal');
    },
    close(this: HTMLDialogElement) {
      this.open = false;
    },
  });
  function Opened() {
    const [open, setOpen] = useState(false);
    return (
      <>
        <Button label="Open it" onPress={() => setOpen(true)} />
        {open ? (
          <Overlay title="Keys" onClose={() => setOpen(false)}>
            <TextField label="Find" typed="" onType={() => undefined} />
          </Overlay>
        ) : null}
      </>
    );
  }
  render(<Opened />);
  const opener = screen.getByRole('button', { name: 'Open it' });
  act(() => opener.focus());
  fireEvent.click(opener);
  expect(screen.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  expect(shown).toEqual(['modal']);
  expect(screen.getByRole('textbox', { name: 'Find' })).toHaveFocus();
  fireEvent.keyDown(document.activeElement!, { key: 'Escape' });
  expect(screen.queryByRole('dialog')).toBeNull();
  expect(opener).toHaveFocus();
});

test('a text field ties its message to itself; a select tells what was chosen', () => {
  const chosen: string[] = [];
  render(
    <>
      <TextField
        label="Name"
        typed=""
        onType={() => undefined}
        message={{ text: 'A name is needed.' }}
      />
      <SelectField
        label="Crop"
        value="0"
        options={[
          { value: '0', label: 'mint' },
          { value: '1', label: 'basil' },
        ]}
        onChoose={(v) => chosen.push(v)}
      />
    </>,
  );
  expect(screen.getByRole('textbox', { name: 'Name' })).toHaveAccessibleDescription(
    'A name is needed.',
  );
  expect(screen.getByRole('alert')).toHaveTextContent('A name is needed.');
  fireEvent.change(screen.getByRole('combobox', { name: 'Crop' }), { target: { value: '1' } });
  expect(chosen).toEqual(['1']);
});

test('a label row is one real link that says all of itself', () => {
  const gone: string[] = [];
  render(
    <LabelRow code="P4" action="Check" href="/pens/p4/bench" onPress={() => gone.push('bench')}>
      <Say>Trim screw</Say>
    </LabelRow>,
  );
  const link = screen.getByRole('link', { name: /P4.*Trim screw.*Check/ });
  expect(link).toHaveAttribute('href', '/pens/p4/bench');
  fireEvent.click(link);
  expect(gone).toEqual(['bench']);
});

test('a disabled button does nothing', () => {
  let pressed = 0;
  render(<Button label="Save" disabled onPress={() => (pressed += 1)} />);
  fireEvent.click(screen.getByRole('button', { name: 'Save' }));
  expect(pressed).toBe(0);
});

test('a day with its time keeps what is typed and says what is wrong with it', () => {
  const typed: string[] = [];
  render(
    <MomentField
      label="Or at"
      typed="2026-05-20T07:30"
      onType={(text) => typed.push(text)}
      message={{ text: 'A day and time that has been.' }}
    />,
  );
  const field = screen.getByLabelText('Or at');
  expect(field).toHaveValue('2026-05-20T07:30');
  expect(field).toHaveAccessibleDescription('A day and time that has been.');
  fireEvent.change(field, { target: { value: '2026-05-19T18:00' } });
  expect(typed).toEqual(['2026-05-19T18:00']);
});

test('a list is put in order by its buttons; the ends go no further', () => {
  const orders: (readonly string[])[] = [];
  const items = [
    { id: 'a', name: 'Basil' },
    { id: 'b', name: 'Mint' },
    { id: 'c', name: 'Gerbera' },
  ];
  render(<SortableList items={items} onOrder={(ids) => orders.push(ids)} />);
  fireEvent.click(screen.getByRole('button', { name: 'Mint up' }));
  fireEvent.click(screen.getByRole('button', { name: 'Mint down' }));
  expect(orders).toEqual([
    ['b', 'a', 'c'],
    ['a', 'c', 'b'],
  ]);
  expect(screen.getByRole('button', { name: 'Basil up' })).toBeDisabled();
  expect(screen.getByRole('button', { name: 'Gerbera down' })).toBeDisabled();
  expect(screen.getByLabelText('2, move Mint')).toBeInTheDocument();
});
