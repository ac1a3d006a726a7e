import { autocompletion, type Completion as CodeCompletion, completionKeymap } from '@codemirror/autocomplete';
import { defaultKeymap, history, historyKeymap, undo } from '@codemirror/commands';
import { HighlightStyle, LanguageSupport, LRLanguage, syntaxHighlighting } from '@codemirror/language';
import { type Diagnostic, linter } from '@codemirror/lint';
import { EditorState, type Extension, Prec } from '@codemirror/state';
import { type Command, EditorView, hoverTooltip, keymap, placeholder } from '@codemirror/view';
import { styleTags, tags } from '@lezer/highlight';
import { parser } from 'lezer-feel';
import { useEffect, useLayoutEffect, useRef } from 'react';
import {
  type Completion,
  checkExpression,
  completionsAt,
  type Expected,
  helpAt,
  type Vocabulary,
} from '#core/expression/index.ts';
import { isNumber, isText } from '#core/values/index.ts';

interface Props {
  readonly text: string;
  readonly vocabulary: Vocabulary;
  readonly expected: Expected;
  /** What tells of the text, beside the box. */
  readonly describedBy: string;
  readonly onChange: (text: string) => void;
  readonly onUse: () => void;
  readonly onCancel: () => void;
}

const language = LRLanguage.define({
  name: 'formula',
  parser: parser.configure({
    props: [
      styleTags({
        StringLiteral: tags.string,
        NumericLiteral: tags.number,
        BooleanLiteral: tags.bool,
        'null if then else and or in some every satisfies for return between': tags.keyword,
      }),
    ],
  }),
});

const highlight = HighlightStyle.define([
  { tag: tags.string, color: 'var(--kelp)' },
  { tag: tags.number, color: 'var(--haze)' },
  { tag: [tags.bool, tags.keyword], color: 'var(--iolite-deep)', fontWeight: '600' },
]);

const theme = EditorView.theme({
  '&': { border: '1px solid var(--edge)', borderBottomWidth: '2px', borderRadius: '4px', background: 'var(--sheet)' },
  '&.cm-focused': { outline: '2px solid var(--iolite)', outlineOffset: '1px' },
  '.cm-content': { fontFamily: 'var(--font-mono)', padding: '7px 4px', caretColor: 'var(--ink)' },
  '.cm-cursor': { borderLeftColor: 'var(--ink)' },
  '.cm-tooltip': {
    background: 'var(--sheet)',
    border: '1px solid var(--edge)',
    borderRadius: '4px',
    color: 'var(--ink)',
    maxWidth: '30rem',
  },
  '.cm-tooltip.cm-tooltip-autocomplete > ul': { fontFamily: 'var(--font-sans)', maxHeight: '14rem' },
  '.cm-tooltip.cm-tooltip-autocomplete > ul > li': { padding: '4px 8px' },
  '.cm-tooltip.cm-tooltip-autocomplete > ul > li[aria-selected]': {
    background: 'var(--iolite-wash)',
    color: 'var(--ink)',
  },
  '.cm-completionDetail': { color: 'var(--ink-2)', fontStyle: 'normal', marginLeft: '10px' },
  '.cm-lintRange-error': { textDecoration: 'underline wavy var(--brick)', backgroundImage: 'none' },
  '.cm-lintRange-warning': { textDecoration: 'underline wavy var(--straw-mark)', backgroundImage: 'none' },
  '.formula-help': { padding: '6px 10px' },
});

const toCode = ({ label, insert, kind, detail, help }: Completion): CodeCompletion => ({
  label,
  apply: insert,
  detail,
  ...(help ? { info: help } : {}),
  type: kind,
  // What stands in the record comes before functions, and those before the words of the language.
  boost: { choice: 3, field: 2, function: 1, word: 0 }[kind],
});

/** What the editor asks of its surroundings, always the newest. */
type Asked = () => Pick<Props, 'vocabulary' | 'expected'>;

const complete = (asked: Asked): Extension =>
  autocompletion({
    icons: false,
    override: [
      (context) => {
        const found = completionsAt(context.state.doc.toString(), context.pos, asked().vocabulary);
        const begun = found !== null && found.from < context.pos;
        if (!found || (!begun && !context.explicit && !context.matchBefore(/[."]$/))) return null;
        // A word that is whole and begins no other needs no offer, which would only cover what is said below.
        const word = context.state.sliceDoc(found.from, context.pos);
        const labels = new Set(found.options.map((option) => option.label));
        const fits = found.options.filter((option) => option.label.startsWith(word));
        if (!context.explicit && fits.length === 1 && fits[0]?.label === word) return null;
        return {
          from: found.from,
          options: found.options.map(toCode),
          validFor: (text) => /^[a-z0-9_ ]*$/.test(text) && !labels.has(text),
        };
      },
    ],
  });

const lint = (asked: Asked): Extension =>
  linter(
    (view): Diagnostic[] => {
      const text = view.state.doc.toString();
      if (text.trim() === '') return [];
      const { vocabulary, expected } = asked();
      const checked = checkExpression(text, vocabulary, expected);
      const told = checked.ok ? checked.value.warnings : checked.problems;
      return told.map((each) => ({
        from: Math.min(each.span?.from ?? 0, text.length),
        to: Math.min(each.span?.to ?? text.length, text.length),
        severity: checked.ok ? 'warning' : 'error',
        message: each.detail,
      }));
    },
    { delay: 150 },
  );

const help = (asked: Asked): Extension =>
  hoverTooltip((view, pos) => {
    const found = helpAt(view.state.doc.toString(), pos, asked().vocabulary);
    if (!found) return null;
    return {
      pos: found.span.from,
      end: found.span.to,
      above: true,
      create: () => {
        const dom = document.createElement('div');
        dom.className = 'formula-help';
        dom.textContent = found.says;
        return { dom };
      },
    };
  });

/** A condition over a field there is, for a box that is empty. */
const exampleOf = ({ names }: Vocabulary): string => {
  const fields = [...names.values()];
  const number = fields.find(({ type }) => isNumber(type));
  const text = fields.find(({ type }) => isText(type));
  if (number) return `${number.name} > 100`;
  return text ? `${text.name} = "…"` : '';
};

/** A key that is dealt with here, whatever came of it. */
const always =
  (run: (view: EditorView) => void): Command =>
  (view) => {
    run(view);
    return true;
  };

/** The box a formula is typed in. Tab leaves it, as it leaves any other box. */
const CodeBox = ({ text, vocabulary, expected, describedBy, onChange, onUse, onCancel }: Props) => {
  const place = useRef<HTMLDivElement>(null);
  // The editor is made once; what it calls is always the newest.
  const calls = useRef({ vocabulary, expected, onChange, onUse, onCancel });
  useLayoutEffect(() => {
    calls.current = { vocabulary, expected, onChange, onUse, onCancel };
  });
  const begin = useRef(text);
  useEffect(() => {
    if (!place.current) return;
    const keys = keymap.of([
      { key: 'Enter', run: always(() => calls.current.onUse()) },
      // It takes back what was done last; where nothing was, the formula is left.
      { key: 'Escape', run: (view) => undo(view) || always(() => calls.current.onCancel())(view) },
    ]);
    const asked: Asked = () => calls.current;
    const view = new EditorView({
      parent: place.current,
      state: EditorState.create({
        doc: begin.current,
        selection: { anchor: begin.current.length },
        extensions: [
          keymap.of(completionKeymap),
          Prec.low(keys),
          history(),
          keymap.of([...historyKeymap, ...defaultKeymap.filter((binding) => binding.key !== 'Enter')]),
          keymap.of([
            { key: 'Shift-Enter', run: always((target) => target.dispatch(target.state.replaceSelection('\n'))) },
          ]),
          new LanguageSupport(language),
          syntaxHighlighting(highlight),
          complete(asked),
          lint(asked),
          help(asked),
          placeholder(exampleOf(calls.current.vocabulary)),
          theme,
          EditorView.lineWrapping,
          EditorView.contentAttributes.of({ 'aria-label': 'Formula', 'aria-describedby': describedBy }),
          EditorView.updateListener.of((update) => {
            if (update.docChanged) calls.current.onChange(update.state.doc.toString());
          }),
        ],
      }),
    });
    view.focus();
    return () => view.destroy();
  }, [describedBy]);
  return <div ref={place} className="w-full min-w-0 text-sm" />;
};

export default CodeBox;
