import { Component, type ReactNode } from 'react';
import { Link, useLocation } from 'react-router';
import { ProblemError, sayError } from '../data/client.ts';
import { queryClient } from '../data/queries.ts';

interface Props {
  /** The address: what went wrong at one is not shown at another. */
  readonly at: string;
  readonly children: ReactNode;
}
interface Caught {
  readonly error: unknown;
  readonly caught: boolean;
}

const NOTHING: Caught = { error: null, caught: false };

class Boundary extends Component<Props, Caught> {
  override state: Caught = NOTHING;

  static getDerivedStateFromError(error: unknown): Caught {
    return { error, caught: true };
  }

  override componentDidUpdate(before: Props): void {
    if (this.state.caught && before.at !== this.props.at) this.setState(NOTHING);
  }

  override render(): ReactNode {
    return this.state.caught ? <Broken error={this.state.error} /> : this.props.children;
  }
}

/** Shows in place of what is below it what went wrong there, until one goes to another address. */
export const BrokenBoundary = ({ children }: { children: ReactNode }) => {
  const { pathname } = useLocation();
  return <Boundary at={pathname}>{children}</Boundary>;
};

/** Where a screen could not be shown: what happened, and the way on. */
const Broken = ({ error }: { error: unknown }) => {
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
