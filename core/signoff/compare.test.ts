import { describe, expect, test } from 'vitest';
import { catalogue, nearMisses } from '../register/example.arb.ts';
import { valueContext } from '../register/index.ts';
import { compareRoutes, type Route, type RouteWords, routeVocabulary } from './index.ts';
import { ROLES, routeOf } from './route.arb.ts';

const vocabulary = routeVocabulary(nearMisses, catalogue, ROLES);
const words: RouteWords = {
  register: nearMisses,
  catalogue,
  context: { vocabulary, values: { ...valueContext(catalogue), choices: vocabulary.choices } },
  names: { role: (key) => ROLES.get(key)?.label ?? key, person: (id) => id },
};
const [first, second] = [
  { label: 'Boss', condition: 'cost > 500' },
  { label: 'Money', who: 'treasurer' },
] as const;
const before = routeOf([first, second]);
const compare = (after: Route, was = before): string[] => compareRoutes(was, after, words);

describe('what changed between two versions of a route is said', () => {
  test.each<[string, Route, readonly string[]]>([
    ['nothing', routeOf([first, second]), []],
    [
      'who signs, when, and how many',
      routeOf([{ ...first, who: 'trustee', how_many: 2, condition: 'cost > 900' }, second]),
      [
        'Boss is signed by the Trustee; before: the Manager.',
        'Boss needs two of them; before: any one of them.',
        'Boss is entered when Cost is over 900; before: when Cost is over 500.',
      ],
    ],
    ['a step less', routeOf([first]), ['The step Money is gone.']],
    [
      'a step more',
      routeOf([first, second, { label: 'Third', who: 'trustee', beside: true }]),
      ['The step Third is new: it is signed by the Trustee and is entered always.'],
    ],
    ['another order', routeOf([second, first]), ['The steps stand in another order.']],
    [
      'by when, and what follows',
      routeOf([
        first,
        {
          ...second,
          deadline: { by: { kind: 'days', days: 2 }, remind: 1, late: { kind: 'let_through', after: 3 } },
        },
      ]),
      [
        'Money is to be signed within 2 working days, reminded 1 working day before, let through 3 working days after it; before: on no certain day.',
      ],
    ],
    [
      'what it fills in and locks',
      routeOf([first, { ...second, fills: [{ field: 'cost', must: false }], locks: ['title', 'cost'] }]),
      ['Money fills in Cost; before: nothing.', 'Money locks Title and Cost; before: nothing.'],
    ],
    [
      'what is said for the whole of it',
      routeOf([first, second], {
        condition: 'severity = "injury"',
        may_sign: ['sent'],
        watches: ['cost'],
        tolerance: { field: 'cost', share: '0.05', amount: '50' },
        mended: 'that_step',
        reopens: ['treasurer'],
        sets: { approved: [{ field: 'title', value: '"done"' }], refused: [], sent_back: [] },
      }),
      [
        'The route takes records when Severity is Injury; before: always.',
        'The route lets people sign what they sent; before: nothing of their own.',
        'The route goes round again for changes of Cost; before: all fields.',
        'The route tolerates changes of 5 % or 50 of Cost; before: none.',
        'The route goes on after mending from the step that sent it back; before: the first step.',
        'The route sets when approved Title to "done"; before: nothing.',
        'The route is opened again by who sets up forms and Treasurer; before: who sets up forms.',
      ],
    ],
  ])('%s', (_, after, sentences) => expect(compare(after)).toEqual(sentences));

  test('a step is the same by its id, whatever it is called; what no longer fits is still said', () => {
    const id = '00000000-0000-7000-8000-0000000000aa';
    const was = routeOf([{ ...first, id }]);
    const gone = { ...first, id, label: 'Head', who: { kind: 'field', path: 'chief.head' } as const };
    expect(compare(routeOf([{ ...gone, condition: 'cots > 1' }]), was)).toEqual([
      'The step Boss is called Head.',
      'Head is signed by whoever chief.head names; before: the Manager.',
      'Head is entered when cots > 1; before: when Cost is over 500.',
    ]);
  });
});
