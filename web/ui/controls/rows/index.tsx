import { useNarrow } from '../../use-narrow.ts';
import { RowsCards } from './cards.tsx';
import type { AnyControl } from './cell.tsx';
import { RowsGrid } from './grid.tsx';
import type { RowsProps } from './use-rows.ts';

/** Rows, as wide as the window allows: a grid on a desk, cards on a phone. */
export const RowsControl = (props: RowsProps & { readonly control: AnyControl }) =>
  useNarrow() ? <RowsCards {...props} /> : <RowsGrid {...props} />;
