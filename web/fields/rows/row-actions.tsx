import { ArrowDown, ArrowUp, type LucideIcon, Trash2 } from 'lucide-react';
import type { Rows } from './use-rows.ts';

interface Props {
  readonly rows: Rows;
  readonly at: number;
  /** Of the pictures, in pixels: a finger needs more than a pointer. */
  readonly size: number;
}

/** What is done to a row as a whole: it is moved, or taken away. */
export const RowActions = ({ rows, at, size }: Props) => (
  <>
    <Small
      label={`Move row ${at + 1} up`}
      icon={ArrowUp}
      size={size}
      off={at === 0}
      onPress={() => rows.move(at, -1)}
    />
    <Small
      label={`Move row ${at + 1} down`}
      icon={ArrowDown}
      size={size}
      off={at === rows.rows.length - 1}
      onPress={() => rows.move(at, 1)}
    />
    <Small label={`Take row ${at + 1} away`} icon={Trash2} size={size} off={false} onPress={() => rows.takeAway(at)} />
  </>
);

interface SmallProps {
  readonly label: string;
  readonly icon: LucideIcon;
  readonly size: number;
  readonly off: boolean;
  readonly onPress: () => void;
}

const Small = ({ label, icon: Icon, size, off, onPress }: SmallProps) => (
  <button
    type="button"
    className="btn btn-quiet px-1! sm:min-h-7! max-sm:min-w-11 max-sm:justify-center"
    aria-label={label}
    disabled={off}
    onClick={onPress}
  >
    <Icon size={size} aria-hidden="true" />
  </button>
);
