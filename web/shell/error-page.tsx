// The page failed: says so, and that typed text is safe.
import { useRouteError } from 'react-router';

export function ErrorPage() {
  const error = useRouteError();
  return (
    <main className="mx-auto max-w-[60ch] p-8">
      <h1>This page has stopped working</h1>
      <p className="mt-3">Your changes are saved. Reload the page to continue.</p>
      <p className="aside mt-3">{error instanceof Error ? error.message : 'No further details.'}</p>
      <button type="button" className="button mt-4" onClick={() => location.reload()}>
        Reload
      </button>
    </main>
  );
}
