import type { Problem } from '#core/base/index.ts';

/** What is wrong with a place of an outline, where it stands. */
export const Wrong = ({ problems }: { problems: readonly Problem[] }) =>
  problems.map((each) => (
    <span key={each.detail} className="wrong block" role="alert">
      {each.detail}
    </span>
  ));
