import { Link } from 'react-router';
import type { WhoSignsAnswer } from '#contract/index.ts';
import type { Route } from '#core/signoff/index.ts';
import { useWorkspace } from '../../data/workspace.ts';

interface Props {
  readonly route: Route;
  readonly answer: WhoSignsAnswer;
  readonly onChange: (route: Route) => void;
}

type Said = WhoSignsAnswer['rows'][number]['steps'][number];

const MOST_NAMED = 3;

const sayCell = (step: Said): string => {
  if (step.status === 'skipped') return 'no one';
  const all = [...step.people, ...step.last_resort];
  if (all.length === 0) return 'nobody';
  const named =
    all.length > MOST_NAMED
      ? `${all.slice(0, MOST_NAMED).join(', ')} and ${all.length - MOST_NAMED} more`
      : all.join(', ');
  const perhaps = step.status === 'perhaps' ? 'perhaps ' : '';
  const count = step.needed > 1 ? `${step.needed} of ` : '';
  return `${perhaps}${count}${named}${step.last_resort.length > 0 ? ' (last resort)' : ''}`;
};

const hours = (count: number): string => {
  if (count < 1) return `${Math.max(1, Math.round(count * 60))} min`;
  return count < 48 ? `${Math.round(count)} h` : `${Math.round(count / 24)} days`;
};

/** Who signs in each band of the values that conditions compare with; where somebody would be missing, with a mend. */
export const WhoSignsTable = ({ route, answer, onChange }: Props) => {
  const askAnyOne = (step: number): void =>
    onChange({ ...route, steps: route.steps.map((each, at) => (at === step ? { ...each, how_many: 'any' } : each)) });
  const ofSteps = answer.durations.filter(({ person }) => person === null);
  const ofPeople = answer.durations.filter(({ person }) => person !== null);
  return (
    <section aria-labelledby="who-signs" className="mt-6">
      <h2 id="who-signs">Who signs{answer.heads.length > 0 && `, by ${answer.heads.join(' and ')}`}</h2>
      <div className="overflow-x-auto">
        <table className="mt-1 w-full">
          <thead>
            <tr className="border-b border-ink text-left text-[13px] text-ink-2">
              {(answer.heads.length === 0 ? ['What it is'] : answer.heads).map((head) => (
                <th key={head} className="py-1.5 pr-3 font-semibold">
                  {head}
                </th>
              ))}
              {answer.labels.map((label, at) => (
                // Two steps may be called alike.
                // biome-ignore lint/suspicious/noArrayIndexKey: see above
                <th key={at} className="py-1.5 pr-3 font-semibold">
                  {label}
                </th>
              ))}
              <th className="py-1.5 text-right font-semibold">Of {answer.of}</th>
            </tr>
          </thead>
          <tbody>
            {answer.rows.map((row) => (
              <tr key={row.says.join()} className="ruled align-top">
                {(row.says.length === 0 ? ['any'] : row.says).map((says, at) => (
                  // A band is known by its place among the heads.
                  // biome-ignore lint/suspicious/noArrayIndexKey: see above
                  <td key={at} className="py-1.5 pr-3 whitespace-nowrap">
                    {says}
                  </td>
                ))}
                {row.steps.map((step, at) => (
                  // biome-ignore lint/suspicious/noArrayIndexKey: two steps may be called alike
                  <td key={at} className={`py-1.5 pr-3 ${step.status === 'skipped' ? 'text-ink-2' : ''}`}>
                    {sayCell(step)}
                  </td>
                ))}
                <td className="py-1.5 text-right tabular-nums">{row.count}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {answer.besides.length > 0 && (
        <p className="mt-1 text-[13px] text-ink-2">
          It also follows from {answer.besides.join(', ')}, which this table leaves out.
        </p>
      )}
      {answer.missing.length > 0 && (
        <ul className="mt-3 space-y-2" aria-label="Where somebody is missing">
          {answer.missing.map((each) => (
            <li
              key={`${each.kind} ${each.person?.id ?? ''} ${each.rows.join()}`}
              className={`border-l-4 px-3 py-2 ${each.is_stuck ? 'border-brick bg-brick-wash' : 'border-straw bg-straw-wash'}`}
            >
              {each.says}
              {each.mends.length > 0 && ' '}
              {each.mends.map((mend, at) => (
                <span key={mend.kind}>
                  {at > 0 && ' or '}
                  <MendPart mend={mend} onAskAnyOne={askAnyOne} />
                </span>
              ))}
            </li>
          ))}
        </ul>
      )}
      {ofSteps.length > 0 && (
        <details className="mt-3">
          <summary className="cursor-pointer font-semibold">How long steps take</summary>
          <table className="mt-1">
            <thead>
              <tr className="border-b border-ink text-left text-[13px] text-ink-2">
                <th className="py-1 pr-6 font-semibold">Step</th>
                <th className="py-1 pr-6 font-semibold">Who</th>
                <th className="py-1 pr-6 text-right font-semibold">Middle</th>
                <th className="py-1 pr-6 text-right font-semibold">9 times in 10</th>
                <th className="py-1 text-right font-semibold">Of</th>
              </tr>
            </thead>
            <tbody>
              {[...ofSteps, ...ofPeople].map((each) => (
                <tr key={`${each.step} ${each.person ?? ''}`} className="ruled">
                  <td className="py-1 pr-6">{each.step}</td>
                  <td className="py-1 pr-6">{each.person ?? 'all'}</td>
                  <td className="py-1 pr-6 text-right">{hours(each.middle)}</td>
                  <td className="py-1 pr-6 text-right">up to {hours(each.most)}</td>
                  <td className="py-1 text-right tabular-nums">{each.count}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </details>
      )}
    </section>
  );
};

interface MendProps {
  readonly mend: WhoSignsAnswer['missing'][number]['mends'][number];
  readonly onAskAnyOne: (step: number) => void;
}

/** What can be done where somebody is missing. */
const MendPart = ({ mend, onAskAnyOne }: MendProps) => {
  const { workspace } = useWorkspace();
  switch (mend.kind) {
    case 'name_stand_in':
      return (
        <Link className="part" to="/set-up/people">
          Name a stand-in
        </Link>
      );
    case 'give_role':
      return (
        <Link className="part" to="/set-up/people">
          Give somebody the role {workspace.roles.find(({ key }) => key === mend.role)?.label ?? mend.role}
        </Link>
      );
    case 'ask_any_one':
      return (
        <button type="button" className="part" onClick={() => onAskAnyOne(mend.step)}>
          ask any one
        </button>
      );
    case 'choose_last_resort':
      return <span className="text-ink-2">choose another last resort below</span>;
  }
};
