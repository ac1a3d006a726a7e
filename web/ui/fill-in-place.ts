import { type ComponentType, createContext } from 'react';

export interface FillInPlaceProps {
  readonly formKey: string;
  readonly onStored: (record: string) => void;
  readonly onCancel: () => void;
}

/**
 * A form filled in inside another one. It comes from above, as it is made of what asks for it: a look-up in a form opens
 * a form with look-ups. Null where nothing can be added in place.
 */
export const FillInPlaceContext = createContext<ComponentType<FillInPlaceProps> | null>(null);
