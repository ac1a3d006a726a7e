import { choice } from './choice.ts';
import { duration } from './duration.ts';
import type { FieldBehaviour, ValueType } from './kind.ts';
import { comparedNumber } from './numeric.ts';
import { date, moment, time, yesNo } from './simple.ts';
import { span } from './span.ts';

const FIXED = { date: date(), moment: moment(), time: time(), yesNo: yesNo(), days: duration(), span: span(false) };

/**
 * How a value is read and said where fields of a type are compared with it: in sentences, filters and routes, by the
 * same functions as in a box. Null where nobody writes one: texts stand as they are, records are chosen.
 */
export const comparedWith = (type: ValueType): FieldBehaviour | null => {
  switch (type.kind) {
    case 'number':
      return comparedNumber(type);
    case 'date':
      return FIXED.date;
    case 'moment':
      return FIXED.moment;
    case 'time':
      return FIXED.time;
    case 'boolean':
      return FIXED.yesNo;
    case 'days':
      return FIXED.days;
    case 'span':
      return FIXED.span;
    case 'choice':
    case 'choices':
      return choice(type.list);
    case 'text':
    case 'link':
    case 'links':
    case 'texts':
    case 'rows':
      return null;
  }
};
