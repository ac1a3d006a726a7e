import type { ReactNode } from 'react';

interface Props {
  readonly label: string;
  readonly off: boolean;
  readonly onPress: () => void;
  readonly children: ReactNode;
}

/** A small button of one row: its name is spoken, its picture seen. */
export const RowButton = ({ label, off, onPress, children }: Props) => (
  <button
    type="button"
    className="btn btn-quiet px-1! sm:min-h-7! max-sm:min-w-11 max-sm:justify-center"
    aria-label={label}
    disabled={off}
    onClick={onPress}
  >
    {children}
  </button>
);
