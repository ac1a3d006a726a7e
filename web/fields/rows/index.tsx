import { useRef } from 'react';
import { CELL } from '#core/form/index.ts';
import { useNarrow } from '../../ui/use-narrow.ts';
import type { AnyControl } from '../controls/face.ts';
import { RowsCards } from './cards.tsx';
import { RowsGrid } from './grid.tsx';
import type { RowsProps } from './use-rows.ts';

/** Rows, as wide as the window allows: a grid on a desk, cards on a phone. */
export const RowsControl = (props: RowsProps & { readonly control: AnyControl }) => {
  const place = useRef<HTMLDivElement>(null);
  const Shown = useNarrow() ? RowsCards : RowsGrid;
  // From one cell to the next the question is not left: what is missing in it is told when it is. A cell that cannot be
  // read is told at once.
  const onLeave = (): void => {
    const { entry, field } = props;
    if (Object.keys(entry.entry.unread).some((name) => name.startsWith(`${field.key}${CELL}`))) {
      props.onLeave();
      return;
    }
    entry.stopTyping();
    requestAnimationFrame(() => {
      if (place.current?.contains(document.activeElement) === false) props.onLeave();
    });
  };
  return (
    <div ref={place}>
      <Shown {...props} onLeave={onLeave} />
    </div>
  );
};
