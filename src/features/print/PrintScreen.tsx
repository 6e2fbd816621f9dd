import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import type { BookNames, NamedRecord } from '@/book/answers';
import { questions, useAnswer, useBook } from '@/book/react';
import { RETENTION_YEARS } from '@/core/retention';
import { PaperChoice } from '@/features/parts/PaperChoice';
import { PrintedScreen } from '@/features/parts/PrintedScreen';
import type { Paper } from '@/features/parts/printing';
import { chunkPart } from '@/shell/chunk';
import { useFormats } from '@/shell/formats';
import { Choice, SelectField } from '@/ui/form';
import { Panel, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { writeMoment } from '@/words';
import { printSays } from '@/words/print/print';
import type { Period, PrintPeriodProps, TypedDays } from './PrintPeriod';
import { SheetView } from './SheetView';
import type { Sheet } from './sheet';
import { useCheckSheet, usePensSheet, useTankSheet } from './usePrintSheet';
import type { PenId } from '@/records';

// With the other forms: a calendar comes with it.
const PrintPeriod = chunkPart<PrintPeriodProps>('forms', 'PrintPeriod');

type What = 'check' | 'pen' | 'pens' | 'tank';

const asWhat = (text: string | undefined): What =>
  text === 'check' || text === 'pen' || text === 'tank' ? text : 'pens';

/** A document of the Book: looked at here, printed by the browser, or saved as PDF by it. */
export function PrintScreen() {
  const params = useLocalSearchParams<{ what?: string; id?: string }>();
  const { data: names } = useAnswer(questions.bookNames());
  if (!names) return <Skeleton label={printSays.loading} />;
  const what = asWhat(params.what);
  return what === 'check' ? (
    <OneCheck id={params.id ?? ''} />
  ) : (
    <Periods names={names} what={what} id={params.id ?? ''} />
  );
}

function OneCheck({ id }: { readonly id: string }) {
  const [paper, setPaper] = useState<Paper>('A4');
  const sheet = useCheckSheet(id);
  return <Document sheet={sheet} paper={paper} onPaper={setPaper} />;
}

interface PeriodsProps {
  readonly names: BookNames;
  readonly what: Exclude<What, 'check'>;
  readonly id: string;
}

/** The years a record is kept, or a tank’s last month, until the end of today. */
function usual(what: PeriodsProps['what']): Period {
  const now = new Date();
  const from = new Date(now);
  if (what === 'tank') from.setMonth(now.getMonth() - 1);
  else from.setFullYear(now.getFullYear() - RETENTION_YEARS);
  return {
    fromMs: from.setHours(0, 0, 0, 0),
    toMs: now.setHours(23, 59, 59, 999),
  };
}

function Periods({ names, what: first, id: firstId }: PeriodsProps) {
  const [paper, setPaper] = useState<Paper>('A4');
  const [what, setWhat] = useState(first);
  const list = what === 'tank' ? names.tanks : names.pens;
  const [chosen, setChosen] = useState(firstId);
  const chosenOf = <Kind extends NamedRecord>(all: readonly Kind[]) =>
    all.find(({ id }) => id === chosen) ?? all[0];
  const [tank, pen] = [chosenOf(names.tanks), chosenOf(names.pens)];
  const about = what === 'tank' ? tank : pen;
  // While what is typed is no period, the last one stays, and nothing can be printed.
  const [period, setPeriod] = useState(() => usual(first));
  const [days, setDays] = useState<{ readonly typed: TypedDays; readonly holds: boolean }>();
  const controls = (
    <>
      <Choice
        label={printSays.document}
        value={what}
        onChoose={setWhat}
        options={[
          { value: 'pen', label: printSays.onePen },
          { value: 'pens', label: printSays.allPens },
          { value: 'tank', label: printSays.oneTank },
        ]}
      />
      {what === 'pens' || !about ? null : (
        <SelectField
          label={what === 'tank' ? printSays.tank : printSays.pen}
          value={about.id}
          options={list.map(({ id, name }) => ({ value: id, label: name }))}
          onChoose={setChosen}
        />
      )}
      <PrintPeriod
        typed={days?.typed}
        period={period}
        onType={(typed, next) => {
          setDays({ typed, holds: next !== undefined });
          if (next) setPeriod(next);
        }}
      />
    </>
  );
  const holds = (days?.holds ?? true) && (what === 'pens' || about !== undefined);
  const common = { paper, onPaper: setPaper, controls, period, holds };
  return what === 'tank' ? (
    <TankDocument {...common} tank={tank ?? NOTHING} />
  ) : (
    <PensDocument {...common} penId={what === 'pen' ? pen?.id : undefined} />
  );
}

interface DocumentProps {
  readonly paper: Paper;
  readonly onPaper: (paper: Paper) => void;
  readonly controls?: React.ReactNode;
  /** Undefined while it comes or what is asked cannot be; null where there is nothing. */
  readonly sheet: Sheet | null | undefined;
}

interface Of extends Omit<DocumentProps, 'sheet'> {
  readonly period: Period;
  /** What is typed is a period, and there is something to print. */
  readonly holds: boolean;
}

/** Where there is no tank at all. */
const NOTHING = { id: '', name: '' } as const;

function PensDocument({ penId, period, holds, ...of }: Of & { readonly penId: PenId | undefined }) {
  const sheet = usePensSheet(penId, period);
  return <Document {...of} sheet={holds ? sheet : undefined} />;
}

function TankDocument({
  tank,
  period,
  holds,
  ...of
}: Of & { readonly tank: { readonly id: string; readonly name: string } }) {
  const sheet = useTankSheet(tank, period);
  return <Document {...of} sheet={holds ? sheet : undefined} />;
}

function Document({ paper, onPaper, controls, sheet }: DocumentProps) {
  const { opened, device } = useBook();
  const { settings } = useFormats();
  const [printedMs] = useState(() => Date.now());
  const foot = [
    ...(opened.book === 'demo' ? [printSays.madeUp] : []),
    printSays.keep(settings.keepYears),
    printSays.printed(writeMoment(printedMs), device.initials),
  ];
  return (
    <PrintedScreen
      title={printSays.title}
      paper={paper}
      ready={Boolean(sheet)}
      controls={
        <Panel>
          {controls}
          <PaperChoice paper={paper} onPaper={onPaper} />
          <Say size="small" tone="soft">
            {printSays.howTo}
          </Say>
        </Panel>
      }
    >
      {sheet ? <SheetView sheet={sheet} paper={paper} foot={foot} /> : null}
      {sheet === null ? <Say>{printSays.notThere}</Say> : null}
    </PrintedScreen>
  );
}
