import { ADDRESS_LINES, type AddressLine, addressOf, addressText } from '#core/values/index.ts';
import type { ControlProps } from './control.ts';

const LABELS: { readonly [K in AddressLine]: string } = {
  street: 'Street',
  more: 'More',
  town: 'Town',
  postcode: 'Postcode',
  country: 'Country',
};
const HINTS: { readonly [K in AddressLine]: string } = {
  street: 'address-line1',
  more: 'address-line2',
  town: 'address-level2',
  postcode: 'postal-code',
  country: 'country-name',
};

/** A postal address, line by line. What is typed stands as typed until the box is left. */
export const AddressBoxes = ({ id, value, asTyped, describedBy, invalid, onType, onLeave }: ControlProps) => {
  const address = addressOf(asTyped ?? value);
  const put = (line: AddressLine, text: string): void =>
    onType(ADDRESS_LINES.map((each) => (each === line ? text : address[each]).replace(/\n/g, ' ')).join('\n'));
  return (
    <fieldset
      id={id}
      aria-labelledby={`${id}-label`}
      aria-describedby={describedBy}
      className="grid grid-cols-[1fr_8rem] gap-1.5"
      onBlur={(event) => {
        if (event.currentTarget.contains(event.relatedTarget)) return;
        onType(addressText(address));
        onLeave();
      }}
    >
      {ADDRESS_LINES.map((line) => (
        <input
          key={line}
          type="text"
          className={`box ${line === 'town' || line === 'postcode' ? '' : 'col-span-2'}`}
          aria-label={LABELS[line]}
          aria-invalid={invalid}
          placeholder={LABELS[line]}
          autoComplete={HINTS[line]}
          value={address[line]}
          onChange={(event) => put(line, event.target.value)}
        />
      ))}
    </fieldset>
  );
};
