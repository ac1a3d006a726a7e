import { Copy } from 'lucide-react';
import type { Problem } from '#core/base/index.ts';
import type { SayContext } from '#core/expression/index.ts';
import type { Section } from '#core/form/index.ts';
import { ConditionEditor } from '../../fields/rules/condition-editor.tsx';
import { IconButton } from '../../ui/icon-button.tsx';
import { WordsBox } from '../../ui/words-box.tsx';
import { Wrong } from '../../ui/wrong.tsx';

interface Props {
  readonly section: Section;
  readonly context: SayContext;
  readonly problems: readonly Problem[];
  readonly onSection: (section: Section) => void;
  readonly onCopy: () => void;
}

/** A section's heading in the outline, with its word of help and when it is asked. */
export const SectionHead = ({ section, context, problems, onSection, onCopy }: Props) => (
  <div className="outline-line outline-rule mt-2 border-l-4 border-haze pl-2">
    <div className="flex flex-wrap items-baseline gap-x-2">
      <span className="text-[13px] text-ink-2">Section</span>
      <WordsBox
        label={`Heading of section ${section.label}`}
        text={section.label}
        strong
        onText={(label) => onSection({ ...section, label })}
      />
      <WordsBox
        label={`Help of section ${section.label}`}
        text={section.help ?? ''}
        placeholder="A word of help"
        most={500}
        onText={(help) => onSection({ ...section, help: help === '' ? undefined : help })}
      />
      <span className="line-tool">
        <IconButton label={`Copy section ${section.label}`} icon={Copy} onClick={onCopy} />
      </span>
    </div>
    <p className="text-ink-2">
      is asked when{' '}
      <ConditionEditor
        text={section.condition ?? ''}
        context={context}
        mood="is"
        far={false}
        mayBeEmpty
        onChange={(condition) => onSection({ ...section, condition: condition === '' ? undefined : condition })}
      />
    </p>
    <Wrong problems={problems} />
  </div>
);
