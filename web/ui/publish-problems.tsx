import { ProblemError, wouldStick } from '../data/client.ts';
import { Problems } from './message.tsx';

/** Why something was not published. Where records would be left with nobody to sign them, it can be all the same. */
export const PublishProblems = ({ error, onAnyway }: { error: Error | null; onAnyway: () => void }) => {
  if (!(error instanceof ProblemError) || !wouldStick(error)) return <Problems error={error} />;
  return (
    <div role="alert" className="mt-3 border-l-4 border-brick bg-brick-wash px-3 py-2">
      <p className="font-semibold">As it is today, some records would stay where nobody can sign them:</p>
      <ul className="list-disc pl-5">
        {error.answer.errors?.map(({ detail }) => (
          <li key={detail}>{detail}</li>
        ))}
      </ul>
      <p className="mt-1">
        Mend that first, or publish it as it is: whoever sets up routes is told of each that gets stuck.
      </p>
      <button type="button" className="btn mt-2" onClick={onAnyway}>
        Publish it anyway
      </button>
    </div>
  );
};
