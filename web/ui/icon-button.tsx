import type { LucideIcon } from 'lucide-react';

interface Props {
  readonly label: string;
  readonly disabled?: boolean;
  readonly onClick: () => void;
  readonly icon: LucideIcon;
}

/** A small button of a line in an outline; its name is spoken, its picture seen. */
export const IconButton = ({ label, disabled = false, onClick, icon: Icon }: Props) => (
  <button
    type="button"
    className="grid size-7 place-items-center rounded text-ink-2 hover:text-iolite disabled:text-rule-strong"
    aria-label={label}
    title={label}
    disabled={disabled}
    onClick={onClick}
  >
    <Icon size={14} aria-hidden="true" />
  </button>
);
