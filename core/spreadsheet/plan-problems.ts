import { type Problem, problem } from '../base/index.ts';
import { isWritable, type Register } from '../register/index.ts';
import { isInCsv } from '../values/index.ts';
import type { GivenPlan } from './plan.ts';

/** What of a plan cannot be: fields that are not there or cannot be filled, filled twice, rows found by what no column fills. */
export const planProblems = (given: GivenPlan, register: Register | null): Problem[] => {
  const problems: Problem[] = [];
  const used = new Set<string>();
  const { columns, found_by: by } = given;
  for (const [at, column] of (columns ?? []).entries()) {
    const path = ['plan', 'columns', at];
    if (column.fills === 'nothing') continue;
    const key = column.fills === 'number' ? 'number' : column.fills === 'new' ? column.key : column.field;
    const field = register?.fields.find((each) => each.key === key);
    if (column.fills === 'field' && !(field && isWritable(field) && isInCsv(field)))
      problems.push(problem('unknown_field', path, `A column of a file cannot fill “${key.slice(0, 60)}”.`));
    else if (column.fills === 'number' && !register)
      problems.push(problem('unknown_field', path, 'Records that are made have no number yet.'));
    else if (used.has(key)) {
      const label = column.fills === 'new' ? column.label : (field?.label ?? 'The number');
      problems.push(problem('field_twice', path, `${label} is filled by two columns.`));
    }
    used.add(key);
  }
  if (columns !== undefined && by !== undefined && by !== '' && !used.has(by))
    problems.push(
      problem('unknown_field', ['plan', 'found_by'], 'Rows can be found only by a field that a column fills.'),
    );
  return problems;
};
