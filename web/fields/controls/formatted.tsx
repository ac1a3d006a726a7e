import { Bold, Heading, Italic, List } from 'lucide-react';
import { lazy, type ReactNode, Suspense, useRef, useState } from 'react';
import { behaviourOf } from '#core/values/index.ts';
import { type ControlProps, sharedProps } from './control.ts';

// Read by few screens: it comes when it is needed.
const Markdown = lazy(() => import('../../ui/markdown.tsx'));

/** A text with headings, lists, emphasis and links, as it reads. */
export const FormattedText = ({ text }: { text: string }) => (
  <Suspense fallback={<p className="whitespace-pre-line">{text}</p>}>
    <Markdown text={text} />
  </Suspense>
);

interface Tool {
  readonly name: string;
  readonly icon: ReactNode;
  /** What the marked words become. */
  readonly around?: string;
  readonly before?: string;
}

const TOOLS: readonly Tool[] = [
  { name: 'Bold', icon: <Bold size={15} aria-hidden="true" />, around: '**' },
  { name: 'Italic', icon: <Italic size={15} aria-hidden="true" />, around: '_' },
  { name: 'Heading', icon: <Heading size={15} aria-hidden="true" />, before: '## ' },
  { name: 'List', icon: <List size={15} aria-hidden="true" />, before: '- ' },
];

const apply = (text: string, from: number, to: number, tool: Tool): string => {
  if (tool.around) return `${text.slice(0, from)}${tool.around}${text.slice(from, to)}${tool.around}${text.slice(to)}`;
  const start = text.lastIndexOf('\n', from - 1) + 1;
  const lines = text.slice(start, to).split('\n');
  return `${text.slice(0, start)}${lines.map((line) => `${tool.before}${line}`).join('\n')}${text.slice(to)}`;
};

/** Formatted text: written with its marks, or looked at as it will read. */
export const FormattedBox = (props: ControlProps) => {
  const box = useRef<HTMLTextAreaElement>(null);
  const [reading, setReading] = useState(false);
  const text = props.asTyped ?? behaviourOf(props.field.type).edit(props.value, props.context);
  return (
    <div>
      <div className="mb-1 flex gap-1" role="toolbar" aria-label={`Marks of ${props.field.label}`}>
        {TOOLS.map((tool) => (
          <button
            key={tool.name}
            type="button"
            className="btn btn-quiet px-2!"
            aria-label={tool.name}
            disabled={reading}
            onClick={() => {
              const at = box.current;
              if (at) props.onType(apply(text, at.selectionStart, at.selectionEnd, tool));
              at?.focus();
            }}
          >
            {tool.icon}
          </button>
        ))}
        <button
          type="button"
          className="btn btn-quiet ml-auto"
          aria-pressed={reading}
          onClick={() => setReading(!reading)}
        >
          {reading ? 'Write' : 'Read it'}
        </button>
      </div>
      {reading ? (
        <div className="box box-filled">
          <FormattedText text={text} />
        </div>
      ) : (
        <textarea
          {...sharedProps(props)}
          ref={box}
          rows={6}
          value={text}
          onChange={(event) => props.onType(event.target.value)}
        />
      )}
    </div>
  );
};
