/** The day on which the demo stands still. */
export const DEMO_TODAY = '2026-10-28';
