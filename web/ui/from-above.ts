import { type ComponentType, createContext } from 'react';
import type { RecordDetail } from '#contract/index.ts';

/*
 * What a look-up opens comes from above, as it is made of look-ups itself: a form in a form has questions, and a record
 * beside a form shows values of every kind. Null where nothing can be opened.
 */

export interface FillInPlaceProps {
  readonly formKey: string;
  readonly onStored: (record: string) => void;
  readonly onCancel: () => void;
}

/** A form filled in inside another one. */
export const FillInPlaceContext = createContext<ComponentType<FillInPlaceProps> | null>(null);

/** The fields of a record, shown beside a form. */
export const RecordFactsContext = createContext<ComponentType<{ readonly record: RecordDetail }> | null>(null);
