interface Props {
  readonly label: string;
  readonly text: string;
  readonly placeholder?: string;
  readonly strong?: boolean;
  readonly most?: number;
  readonly onText: (text: string) => void;
}

/** Words in an outline, changed where they stand: a box that shows its edge when it is met. */
export const WordsBox = ({ label, text, placeholder = '', strong = false, most = 80, onText }: Props) => (
  <input
    className={`min-h-8 border-b border-transparent bg-transparent px-1 hover:border-edge focus:border-edge ${strong ? 'font-semibold' : 'text-ink-2'}`}
    style={{ width: `${Math.min(42, Math.max(8, (text || placeholder).length + 2))}ch` }}
    aria-label={label}
    value={text}
    maxLength={most}
    placeholder={placeholder}
    onChange={(event) => onText(event.target.value)}
  />
);
