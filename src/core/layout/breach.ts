/** A promise of the lay-out that a plan breaks. */
export interface Breach {
  kind:
    | 'closed-day'
    | 'before-unit'
    | 'weekday'
    | 'window'
    | 'order'
    | 'wait'
    | 'child-minutes'
    | 'parent-minutes'
    | 'adult-minutes'
    | 'one-of'
    | 'away'
    | 'pace';
  message: string;
}
