import { Link, useRouteError } from 'react-router';
import { ProblemError, sayError } from '../data/client.ts';
import { queryClient } from '../data/queries.ts';

/** Where a screen could not be shown: what happened, and the way on. */
export const Broken = () => {
  const error = useRouteError();
  const gone = error instanceof ProblemError && (error.answer.status === 404 || error.answer.status === 403);
  return (
    <main className="mx-auto max-w-xl px-6 py-16">
      <h1>{gone ? 'There is nothing here for you' : 'This could not be shown'}</h1>
      <p className="my-3 text-ink-2">{sayError(error)}</p>
      <div className="flex gap-3">
        <Link className="btn" to="/" reloadDocument>
          Go to Today
        </Link>
        {!gone && (
          <button
            type="button"
            className="btn btn-go"
            onClick={() => {
              queryClient.clear();
              window.location.reload();
            }}
          >
            Try again
          </button>
        )}
      </div>
    </main>
  );
};
