/** What sheets are drawn on: as the device wishes, on paper, or as a blueprint. Kept on the device. */
export const DRAWN_ON = ['device', 'paper', 'blueprint'] as const;
export type DrawnOn = (typeof DRAWN_ON)[number];

/** The cookie that keeps it, and the attribute of the page that says it. */
export const DRAWN_ON_COOKIE = 'hausplan-drawn-on';

export const drawnOnFrom = (cookie: string | undefined): DrawnOn =>
  DRAWN_ON.find((d) => d === cookie) ?? 'device';
