/** Expressions that would take long if they were not refused, or stopped: what a person can write at worst. */
export const TOO_MUCH: readonly string[] = [
  '1'.repeat(10_001),
  `cost${' + 1'.repeat(2_000)} > 1`,
  `${'('.repeat(201)}cost${')'.repeat(201)} > 1`,
  'some i in 1..1000000 satisfies i = cost',
  `floor(${Array.from({ length: 90 }, () => 'cost').join(' + ')}) > 1`,
  'matches(title, "(a{50}){50}(b{50}){50}")',
  '('.repeat(9_900),
  '"'.repeat(9_900),
];
