import type { EntryState } from '../../state/entry-store.ts';
import { choiceAbove } from '../../state/use-question.ts';
import { AddressBoxes } from './address.tsx';
import { ChooseMany, ChooseOne, YesNo } from './choose.tsx';
import type { ControlProps } from './control.ts';
import { DayBox } from './day.tsx';
import { FilesBox } from './files.tsx';
import { FormattedBox } from './formatted.tsx';
import { LinkMany, LinkOne } from './linked.tsx';
import { PositionBox } from './position.tsx';
import { RowsControl } from './rows/index.tsx';
import { Amount, Box, LongBox } from './typed.tsx';

interface Props extends ControlProps {
  readonly entry: EntryState;
  /** In a cell of a row, where there is little room. */
  readonly compact?: boolean;
}

/** The control that fits a field's kind: one line each. */
export const FieldControl = ({ entry, compact = false, ...props }: Props) => {
  const { type } = props.field;
  switch (type.kind) {
    case 'text':
      return <Box {...props} />;
    case 'long_text':
      return compact ? <Box {...props} /> : <LongBox {...props} />;
    case 'formatted':
      return compact ? <Box {...props} /> : <FormattedBox {...props} />;
    case 'number':
      return <Amount {...props} suffix={type.unit} />;
    case 'money':
      return <Amount {...props} suffix={compact ? undefined : type.currency} />;
    case 'percent':
      return <Amount {...props} suffix="%" />;
    case 'date':
      return <DayBox {...props} />;
    case 'time':
      return <Box {...props} placeholder="10:40" />;
    case 'moment':
      return <DayBox {...props} withTime />;
    case 'duration':
      return <Box {...props} placeholder="7:30" />;
    case 'yes_no':
      return <YesNo {...props} compact={compact} />;
    case 'choice':
      return <ChooseOne {...props} list={type.list} compact={compact} under={choiceAbove(props.field, entry)} />;
    case 'choices':
      return compact ? <Box {...props} /> : <ChooseMany {...props} list={type.list} />;
    case 'link':
    case 'person':
      return <LinkOne {...props} compact={compact} />;
    case 'links':
      return <LinkMany {...props} />;
    case 'rows':
      return <RowsControl {...props} type={type} entry={entry} control={FieldControl} />;
    case 'email':
      return <Box {...props} type="email" />;
    case 'phone':
      return <Box {...props} type="tel" />;
    case 'web':
      return <Box {...props} type="url" placeholder="https://" />;
    case 'address':
      return <AddressBoxes {...props} />;
    case 'position':
      return compact ? <Box {...props} placeholder="50.3381, -4.1123" /> : <PositionBox {...props} />;
    case 'files':
      return <FilesBox {...props} type={type} onFile={(file) => entry.addFile(props.field.key, file)} />;
    case 'code':
      return <Box {...props} mono />;
    case 'worked_out':
    case 'running_number':
      return (
        <output id={props.id} className="box box-filled block text-ink-2">
          given by the program
        </output>
      );
  }
};
