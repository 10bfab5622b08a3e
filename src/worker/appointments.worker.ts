/** Reads a calendar away from the page: a series can be long, and one that cannot be followed is ended with the worker. */
import { readAppointments, type ReadCalendar } from '@/core/formats/appointments';

export interface CalendarAsked {
  text: string;
  from: string;
  to: string;
  zone: string;
}
export type CalendarRead = ReadCalendar | { fault: string };

self.onmessage = ({ data: { text, ...within } }: MessageEvent<CalendarAsked>): void => {
  self.postMessage(readAppointments(text, within) satisfies CalendarRead);
};
