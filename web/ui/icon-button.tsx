import type { LucideIcon } from 'lucide-react';
import type { ComponentProps } from 'react';

interface Props extends Omit<ComponentProps<'button'>, 'type' | 'className' | 'children'> {
  readonly label: string;
  readonly icon: LucideIcon;
}

/** A small button of a line in an outline; its name is spoken, its picture seen. */
export const IconButton = ({ label, icon: Icon, ...button }: Props) => (
  <button
    type="button"
    className="grid size-6 place-items-center rounded text-ink-2 hover:text-iolite disabled:text-rule-strong"
    aria-label={label}
    title={label}
    {...button}
  >
    <Icon size={14} aria-hidden="true" />
  </button>
);
