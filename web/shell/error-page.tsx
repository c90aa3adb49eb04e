// The page failed: says so, and that typed text is safe.
import { useRouteError } from 'react-router';

export function ErrorPage() {
  const error = useRouteError();
  return (
    <main className="mx-auto max-w-[60ch] p-8">
      <h1>This page has stopped working</h1>
      <p className="mt-3">What you typed up to a moment ago is kept in the ledger. Load the page again to go on.</p>
      <p className="aside mt-3">{error instanceof Error ? error.message : 'No more is known.'}</p>
      <button type="button" className="button mt-4" onClick={() => location.reload()}>
        Load the page again
      </button>
    </main>
  );
}
