/** The days on which somebody is away, both of them held; ISO dates. */
export interface Away {
  readonly from: string;
  readonly until: string;
}

/** Whether somebody is away on a day. */
export const isAwayOn = ({ from, until }: Away, day: string): boolean => from <= day && day <= until;

/** Whether two are away on one and the same day. */
export const areAwayTogether = (one: Away, other: Away): boolean => one.from <= other.until && other.from <= one.until;
