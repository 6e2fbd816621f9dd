import { changeSettings } from '@/acts';
import type { PenAnswer, TankAnswer } from '@/book/answers';
import { useAct } from '@/book/react';
import { bandsOf, FIELDS_IN_ORDER, type ReadField } from '@/records/samples';
import { inBackground } from '@/trouble';
import { Panel } from '@/ui/layout';
import { NumberField } from '@/ui/number-field';
import { SCALE_LABEL, stepTyped, type FormatSettings } from '@/words';
import { commonSays } from '@/words/common';
import { readSays } from '@/words/read/read';
import { DipsLine } from './DipsLine';
import { LiveVerdict } from './LiveVerdict';
import { PenLine } from './PenLine';
import type { useReadForm } from './useReadForm';

interface Props {
  readonly form: ReturnType<typeof useReadForm>;
  readonly tank: TankAnswer;
  readonly nowMs: number;
}

/** Where a field stands among those of a reading. */
interface Stand {
  /** The first: it has the focus, and takes digits typed with nothing in focus. */
  readonly first: boolean;
  /** The last: Enter saves there; else it goes on to the next. */
  readonly last: boolean;
}

/** pH, EC and temperature, in the order this house reads them. */
export function ReadFields({ form, tank, nowMs }: Props) {
  const { phPen, ecPen, formats } = form;
  const there = { ph: Boolean(phPen?.body.ph), ec: Boolean(ecPen?.body.ec), temp: true };
  const order = FIELDS_IN_ORDER[formats.settings.readOrder].filter((field) => there[field]);
  return order.map((field, at) => {
    const stand = { first: at === 0, last: at === order.length - 1 };
    if (field !== 'temp')
      return <SideField key={field} quantity={field} {...{ form, tank, nowMs, stand }} />;
    return <TempField key={field} form={form} stand={stand} />;
  });
}

/** What a field does on Enter, and whether it is where the fingers begin. */
const bound = (
  { first, last }: Stand,
  { typed, save }: Props['form'],
  field: ReadField,
): Pick<Parameters<typeof NumberField>[0], 'onEnter' | 'autoFocus' | 'takesDigits'> => ({
  onEnter: last ? save : 'next',
  autoFocus: first && (typed[field] === '' || 'goOn'),
  ...(first ? { takesDigits: true } : {}),
});

/** What one side of a pen shows, and what it is worth. */
function SideField(props: Props & { readonly quantity: 'ph' | 'ec'; readonly stand: Stand }) {
  const { form, tank, nowMs, quantity, stand } = props;
  const { formats, typed, type, view } = form;
  const isPh = quantity === 'ph';
  const pen = isPh ? form.phPen : form.ecPen;
  const { ec } = pen?.body ?? {};
  if (!pen) return null;
  const bands = bandsOf(tank.body, form.about.sample);
  // Steps begin at what was read last, else in the middle of the band of what is read.
  const usual = bands[quantity] ?? bandsOf(tank.body, 'tank')[quantity] ?? { low: 0, high: 0 };
  const from = tank.latest?.[quantity]?.shown ?? (usual.low + usual.high) / 2;
  return (
    <Panel>
      <DipsLine quantity={quantity} form={form} />
      <NumberField
        label={isPh ? 'pH' : readSays.ec}
        unit={isPh || !ec ? '' : SCALE_LABEL[ec.scale]}
        typed={typed[quantity]}
        onType={type(quantity)}
        onStep={(direction) =>
          type(quantity)(
            stepTyped(typed[quantity], {
              direction,
              resolution: resolutionOf(pen, quantity),
              from,
              formats,
            }),
          )
        }
        message={view[quantity].message}
        {...bound(stand, form, quantity)}
      />
      <LiveVerdict quantity={quantity} judged={view[quantity].judged} band={bands[quantity]} />
      <PenLine
        quantity={quantity}
        pen={pen}
        pens={isPh ? form.phPens : form.ecPens}
        nowMs={nowMs}
        onChoose={form.choosePen}
      />
    </Panel>
  );
}

/** The last digit of a pen's display. */
const resolutionOf = ({ body }: PenAnswer, quantity: 'ph' | 'ec'): number =>
  quantity === 'ph' ? (body.ph?.resolutionPh ?? 0.01) : (body.ec?.resolution ?? 0.01);

/** The temperature of the tank; tapping its unit changes it for the whole book. */
function TempField({ form, stand }: Pick<Props, 'form'> & { readonly stand: Stand }) {
  const { formats, typed, type, view } = form;
  const changeUnit = useChangeTempUnit(formats.settings);
  return (
    <Panel>
      <NumberField
        label={commonSays.temp}
        unit={formats.settings.tempUnit}
        typed={typed.temp}
        onType={type('temp')}
        onUnit={changeUnit}
        message={view.temp.message}
        size="large"
        {...bound(stand, form, 'temp')}
      />
    </Panel>
  );
}

function useChangeTempUnit(settings: FormatSettings) {
  const { act } = useAct();
  return () => {
    const tempUnit = settings.tempUnit === '°C' ? ('°F' as const) : ('°C' as const);
    inBackground('settings', act(changeSettings({ ...settings, tempUnit })));
  };
}
