import type { TrayDetail } from '#contract/index.ts';

/** Why it waits for whoever looks, and what the formulas beside the step say. */
export const WhyBox = ({ why, notes = [] }: { why: string; notes?: TrayDetail['notes'] }) => (
  <div className="my-4 border-l-4 border-straw bg-straw-wash px-3 py-2.5">
    <p>
      <span className="font-semibold">Why you:</span> {why}
    </p>
    {notes.map((note) => (
      <p key={note} className="mt-1">
        {note}
      </p>
    ))}
  </div>
);
