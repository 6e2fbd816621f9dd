import { lazy, Suspense, type ComponentType } from 'react';
import { Skeleton } from '@/ui/layout';

/** Loads a chart when it is shown. */
function lazyChart<Props extends object>(load: () => Promise<ComponentType<Props>>) {
  const Chart = lazy(async () => ({ default: await load() })) as unknown as ComponentType<Props>;
  return function LazyChart(props: Props) {
    return (
      <Suspense fallback={<Skeleton label="Loading the chart" />}>
        <Chart {...props} />
      </Suspense>
    );
  };
}

export const AcrossTanks = lazyChart(async () => (await import('./charts')).AcrossTanks);
export const ControlChart = lazyChart(async () => (await import('./charts')).ControlChart);
export const DoseCurve = lazyChart(async () => (await import('./charts')).DoseCurve);
export const DriftPanel = lazyChart(async () => (await import('./charts')).DriftPanel);
export const LookBackChart = lazyChart(async () => (await import('./charts')).LookBackChart);
export const TankHistory = lazyChart(async () => (await import('./charts')).TankHistory);
