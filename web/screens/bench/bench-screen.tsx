// The bench view: for a tablet a metre away and dirty hands. One step at a time, nothing to type.
import { useParams } from 'react-router';
import { useBench } from '../../hooks/use-bench.ts';
import { BatchSteps } from './batch-steps.tsx';
import { BenchHome } from './bench-home.tsx';
import { ChooseMaker } from './choose-maker.tsx';
import { StepPage } from './step-page.tsx';
import { useMaker } from './use-maker.ts';
import { useWakeLock } from './use-wake-lock.ts';

export function BenchScreen() {
  const { batchId, stepKey } = useParams();
  const { maker, makers, choose } = useMaker();
  const view = useBench();
  useWakeLock();
  if (!maker) return <ChooseMaker makers={makers} onChoose={choose} />;
  if (!view) return <main className="bench" aria-busy="true" />;
  const batch = view.batches.find(({ id }) => id === batchId);
  const step = stepKey === undefined ? undefined : decodeURIComponent(stepKey);
  if (batch && step !== undefined)
    return <StepPage key={`${batch.id} ${step}`} view={view} batch={batch} stepKey={step} maker={maker} />;
  if (batch) return <BatchSteps view={view} batch={batch} maker={maker} />;
  return <BenchHome view={view} maker={maker} onSwitch={makers.length > 1 ? () => choose('') : null} />;
}
