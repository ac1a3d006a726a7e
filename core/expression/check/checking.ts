import { type Problem, problem, type Span } from '../../base/index.ts';
import { evaluateConstant } from '../evaluate.ts';
import type { Term } from '../term.ts';
import { NOTHING, type Type } from '../type.ts';
import type { NoteCode } from '../value.ts';
import type { Vocabulary } from '../vocabulary.ts';

/** A name that a loop or a filter gives to the item it looks at. */
export interface NameScope {
  readonly name: string;
  readonly slot: number;
  readonly type: Type;
  /** In a filter over records, the item's fields may be named without saying `item`. */
  readonly open: boolean;
}

/** What goes along while a tree is checked: the names in reach, and what was found wrong or odd. */
export class Checking {
  readonly problems: Problem[] = [];
  readonly warnings: Problem[] = [];
  readonly vocabulary: Vocabulary;
  /** The innermost first. */
  scopes: readonly NameScope[] = [];
  #slots = 0;

  constructor(vocabulary: Vocabulary) {
    this.vocabulary = vocabulary;
  }

  get slots(): number {
    return this.#slots;
  }

  nextSlot(): number {
    return this.#slots++;
  }

  /** Tells a problem; what stands there counts as nothing, so that it is told once. */
  tell(code: string, span: Span, detail: string): Term {
    this.problems.push(problem(code, [], detail, span));
    return { op: 'constant', value: null, type: NOTHING, span };
  }

  warn(code: string, span: Span, detail: string): void {
    this.warnings.push(problem(code, [], detail, span));
  }

  /** What is under a new name while `inner` is checked. */
  within<T>(scope: NameScope, inner: () => T): T {
    const before = this.scopes;
    this.scopes = [scope, ...before];
    const result = inner();
    this.scopes = before;
    return result;
  }

  /** A term without anything that changes is worked out here, once; why it is nothing is pointed out. */
  folded(term: Term): Term {
    const found = evaluateConstant(term, (code: NoteCode, detail) => this.warn(code, term.span, detail));
    return found === undefined
      ? term
      : {
          op: 'constant',
          value: found,
          type: term.type,
          span: term.span,
          ...(typeof found === 'string' ? { longest: found.length } : {}),
        };
  }
}
