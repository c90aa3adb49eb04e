// Opens the sample workshop, to look around in.
import { useOpenSampleMutation } from '../state/endpoints/backups.ts';
import { words } from '../words/first-run.ts';
import { Failure } from './failure.tsx';

export function SampleLink() {
  const [open, { error, isLoading }] = useOpenSampleMutation();
  const look = async () => {
    const answer = await open(location.origin);
    if (answer.data) location.assign(answer.data.address);
  };
  return (
    <>
      <button type="button" className="link" disabled={isLoading} onClick={() => void look()}>
        {isLoading ? words.openingSample : words.openSample}
      </button>
      <Failure of={[error]} />
    </>
  );
}
