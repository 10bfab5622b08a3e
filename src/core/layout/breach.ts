/** A promise of the lay-out that a plan breaks. */
export interface Breach {
  kind:
    'closed-day' | 'before-unit' | 'weekday' | 'order' | 'wait' | 'child-minutes' | 'parent-minutes' | 'pace';
  message: string;
}
