import fc from 'fast-check';

type Kinds = {
  number: string;
  text: string;
  condition: string;
  date: string;
  moment: string;
  days: string;
  months: string;
  span: string;
  choice: string;
  numbers: string;
  texts: string;
  misses: string;
};

const one = fc.constantFrom;
const call = (name: string, ...args: readonly fc.Arbitrary<string>[]): fc.Arbitrary<string> =>
  fc.tuple(...args).map((given) => `${name}(${given.join(', ')})`);
const infix = (a: fc.Arbitrary<string>, op: fc.Arbitrary<string>, b: fc.Arbitrary<string> = a): fc.Arbitrary<string> =>
  fc.tuple(a, op, b).map((parts) => `(${parts.join(' ')})`);
const list = (of: fc.Arbitrary<string>): fc.Arbitrary<string> =>
  fc.array(of, { minLength: 1, maxLength: 3 }).map((items) => `[${items.join(', ')}]`);
const choose = <T>(first: fc.Arbitrary<T>, ...rest: fc.Arbitrary<T>[]): fc.Arbitrary<T> =>
  fc.oneof({ depthSize: 'xsmall', maxDepth: 4, withCrossShrink: true }, first, ...rest);

const compareOp = one('=', '!=', '<', '<=', '>', '>=');
const equality = one('=', '!=');
const places = one('0', '1', '2', '-1');

/** Well-typed expressions of every kind over the near misses of the test catalogue, as texts. */
export const expressions = fc.letrec<Kinds>((tie) => ({
  number: choose(
    one('cost', '0', '500', '0.1', '-0.01', '3', 'boat.length_overall', '0.000001', '1234567890.123456', 'null'),
    infix(tie('number'), one('+', '-', '*')),
    infix(tie('number'), one('/')),
    infix(tie('number'), one('**'), one('0', '1', '2', '3')),
    call('-', tie('number')),
    call('abs', tie('number')),
    call('modulo', tie('number'), tie('number')),
    call('floor', tie('number')),
    call('ceiling', tie('number'), places),
    fc
      .tuple(
        one('decimal', 'round up', 'round down', 'round half up', 'round half down', 'floor'),
        tie('number'),
        places,
      )
      .map(([name, value, at]) => `${name}(${value}, ${at})`),
    fc
      .tuple(
        one('round to step', 'round up to step', 'round down to step'),
        tie('number'),
        one('0.05', '12', '0', 'cost'),
      )
      .map(([name, value, step]) => `${name}(${value}, ${step})`),
    call('string length', tie('text')),
    call('number', tie('text')),
    fc
      .tuple(one('count', 'sum', 'min', 'max', 'mean', 'total'), tie('numbers'))
      .map(([name, items]) => `${name}(${items})`),
    fc
      .tuple(one('sum', 'min', 'max', 'mean'), tie('number'), tie('number'))
      .map(([name, a, b]) => `${name}(${a}, ${b})`),
    tie('misses').map((misses) => `count(${misses})`),
    fc.tuple(tie('numbers'), one('1', '2', '-1', '9')).map(([items, at]) => `${items}[${at}]`),
    fc.tuple(tie('date'), one('year', 'month', 'day', 'weekday')).map(([date, part]) => `${date}.${part}`),
    fc.tuple(tie('moment'), one('year', 'hour', 'minute', 'second')).map(([at, part]) => `${at}.${part}`),
    fc.tuple(tie('days'), one('days', 'hours', 'minutes', 'seconds')).map(([length, part]) => `${length}.${part}`),
    fc.tuple(tie('months'), one('years', 'months')).map(([length, part]) => `${length}.${part}`),
    fc.tuple(one('day of year', 'week of year'), tie('date')).map(([name, date]) => `${name}(${date})`),
    fc.tuple(one('working days', 'whole years'), tie('date'), tie('date')).map(([name, a, b]) => `${name}(${a}, ${b})`),
    infix(tie('days'), one('/')),
    one('closed.days', 'moored.days', 'working days(closed)', 'working days(moored)'),
    fc.tuple(tie('condition'), tie('number'), tie('number')).map(([a, b, c]) => `(if ${a} then ${b} else ${c})`),
  ),
  text: choose(
    one(
      'title',
      'what_happened',
      'boat.name',
      'boat.owner.name',
      'owner.phone',
      '"Warp parted"',
      '"～"',
      '"🚤"',
      '"100%"',
      '""',
      '"\\""',
      '"a"',
      'me.name',
    ),
    infix(tie('text'), one('+')),
    fc.tuple(one('upper case', 'lower case'), tie('text')).map(([name, text]) => `${name}(${text})`),
    fc
      .tuple(tie('text'), one('1', '2', '-1', '-3', '0', '1.5'), one('', ', 0', ', 1', ', 2', ', -1'))
      .map(([text, from, size]) => `substring(${text}, ${from}${size})`),
    fc
      .tuple(one('substring before', 'substring after'), tie('text'), tie('text'))
      .map(([name, a, b]) => `${name}(${a}, ${b})`),
    fc.tuple(one('day of week', 'month of year'), tie('date')).map(([name, date]) => `${name}(${date})`),
    call('string', choose(tie('number'), tie('date'), tie('moment'), tie('choice'))),
    call('replace', tie('text'), one('"a|W"', '"[0-9]+"', '"(.)p"'), one('"<$1>"', '""')),
    call('string join', tie('texts'), tie('text')),
    fc.tuple(tie('condition'), tie('text'), tie('text')).map(([a, b, c]) => `(if ${a} then ${b} else ${c})`),
  ),
  condition: choose(
    one(
      'witnessed',
      'true',
      'false',
      '(null = null)',
      '(boat = null)',
      '(owner = boat.owner)',
      '(boat.owner != owner)',
    ),
    infix(tie('number'), compareOp),
    infix(tie('text'), compareOp),
    infix(tie('date'), compareOp),
    infix(tie('moment'), compareOp),
    infix(tie('days'), compareOp),
    infix(tie('months'), compareOp),
    infix(tie('choice'), equality),
    infix(tie('condition'), equality),
    infix(one('cost', 'title', 'witnessed', 'when', 'took', 'boat.name'), equality, one('null')),
    infix(tie('condition'), one('and', 'or')),
    call('not', tie('condition')),
    fc.tuple(tie('number'), tie('number'), tie('number')).map(([a, b, c]) => `(${a} between ${b} and ${c})`),
    fc
      .tuple(tie('number'), one('[0..500]', '(0..500)', '(> 0)', '(<= -0.01, 3)', '[0, null]'))
      .map(([a, test]) => `(${a} in ${test})`),
    fc.tuple(tie('number'), tie('numbers')).map(([a, items]) => `(${a} in ${items})`),
    fc
      .subarray(['"scare"', '"damage"', '"injury"'], { minLength: 1 })
      .map((codes) => `(severity in (${codes.join(', ')}))`),
    fc
      .tuple(one('contains', 'starts with', 'ends with'), tie('text'), tie('text'))
      .map(([name, a, b]) => `${name}(${a}, ${b})`),
    call('matches', tie('text'), one('"^[A-Z]"', '"p{1,2}|~$"', '"\\\\d+%?"', '"[^a-z ]{3}"', '"(a|r)+t?.$"')),
    call('list contains', tie('numbers'), tie('number')),
    fc.tuple(one('all', 'any'), tie('misses')).map(([name, misses]) => `${name}(${misses}.witnessed)`),
    fc
      .tuple(
        one('some', 'every'),
        tie('misses'),
        one('m.cost > 0', 'm.witnessed', 'm.cost > cost', 'm.title = title', 'm.boat.name = "Warp"'),
      )
      .map(([name, misses, test]) => `(${name} m in ${misses} satisfies ${test})`),
    infix(tie('span'), equality),
    infix(tie('span'), equality, one('null')),
    fc
      .tuple(one('includes', 'during', 'overlaps'), tie('span'), tie('span'))
      .map(([name, a, b]) => `${name}(${a}, ${b})`),
    fc.tuple(tie('span'), tie('date')).map(([a, b]) => `includes(${a}, ${b})`),
    fc.tuple(tie('date'), tie('span')).map(([a, b]) => `during(${a}, ${b})`),
    fc.tuple(one('odd', 'even'), tie('number')).map(([name, value]) => `${name}(${value})`),
    fc.tuple(tie('condition'), tie('condition'), tie('condition')).map(([a, b, c]) => `(if ${a} then ${b} else ${c})`),
  ),
  date: choose(
    one('reported_on', 'today()', 'date("2024-02-29")', 'date("2026-01-31")', 'date("9999-12-01")'),
    call('date', tie('moment')),
    infix(tie('date'), one('+', '-'), tie('days')),
    infix(tie('date'), one('+', '-'), tie('months')),
    call('add working days', tie('date'), one('0', '1', '-1', '5', '-7', '30')),
    fc
      .tuple(one('2023', '2024', '0', 'cost'), one('2', '13', '12'), one('1', '29', '31'))
      .map((parts) => `date(${parts.join(', ')})`),
    one('closed.start', 'closed.end', 'moored.start', 'moored.end'),
    tie('misses').map((misses) => `max(${misses}.reported_on)`),
    tie('misses').map((misses) => `min(${misses}.moored.end)`),
  ),
  moment: choose(
    one('when', 'now()', 'date and time("2026-03-29T01:00:00Z")', 'date and time("2026-10-25T01:30:00")'),
    infix(tie('moment'), one('+', '-'), tie('days')),
    infix(tie('moment'), one('+'), one('duration("P1M")')),
  ),
  days: choose(
    one('took', 'duration("P1D")', 'duration("PT36H")', 'duration("-PT0.5S")', 'duration("PT0S")'),
    infix(tie('date'), one('-')),
    infix(tie('moment'), one('-')),
    infix(tie('days'), one('+', '-')),
    call('abs', tie('days')),
    fc.tuple(one('sum', 'total', 'min', 'max'), tie('misses')).map(([name, misses]) => `${name}(${misses}.took)`),
    infix(tie('days'), one('*'), one('2', '0.5')),
  ),
  span: choose(
    one('closed', 'moored', '[date("2026-11-01")..date("2026-11-23")]', '[date("2026-11-23")..date("2026-11-25"))'),
    fc
      .tuple(one('[', '('), tie('date'), tie('date'), one(']', ')'))
      .map(([low, from, to, high]) => `${low}${from}..${to}${high}`),
    fc.tuple(tie('condition'), tie('span'), tie('span')).map(([a, b, c]) => `(if ${a} then ${b} else ${c})`),
  ),
  months: choose(
    one('duration("P1M")', 'duration("P1Y2M")', 'duration("-P13M")'),
    call('years and months duration', tie('date'), tie('date')),
    infix(tie('months'), one('+', '-')),
  ),
  choice: choose(
    one('severity', '"damage"', 'null').map((text) =>
      text === '"damage"' ? '(if witnessed then severity else "damage")' : text,
    ),
    fc.tuple(tie('condition'), one('severity', '"scare"')).map(([a, b]) => `(if ${a} then severity else ${b})`),
  ),
  numbers: choose(
    list(tie('number')),
    tie('misses').map((misses) => `${misses}.cost`),
    one('boat.owner.boats.length_overall', 'owner.boats.length_overall'),
    fc
      .tuple(tie('misses'), one('m.cost * 2', 'm.cost + cost', 'string length(m.title)', 'count(m.boat.near_misses)'))
      .map(([misses, body]) => `(for m in ${misses} return ${body})`),
    fc
      .tuple(tie('numbers'), one('item > 0', 'item != null', 'item = cost'))
      .map(([items, test]) => `${items}[${test}]`),
    call('reverse', tie('numbers')),
  ),
  texts: choose(
    list(tie('text')),
    tie('misses').map((misses) => `${misses}.title`),
  ),
  misses: choose(
    one('boat.near_misses', 'owner.near_misses', 'boat.owner.near_misses'),
    fc
      .tuple(
        tie('misses'),
        one(
          'cost > 0',
          'witnessed',
          'item.severity = "damage"',
          'title = null',
          'cost in (0, 500)',
          'boat.length_overall > 1',
        ),
      )
      .map(([misses, test]) => `${misses}[${test}]`),
  ),
}));

/** An expression of any kind that has a value of its own. */
export const anyExpression: fc.Arbitrary<string> = fc.oneof(
  expressions.condition,
  expressions.condition,
  expressions.number,
  expressions.text,
  expressions.date,
  expressions.moment,
  expressions.days,
  expressions.months,
  expressions.span,
);
