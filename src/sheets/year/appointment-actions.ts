'use server';
import * as commands from '@/core/command/appointments';
import { give } from '../frame/act';
import type { Outcome } from '../frame/outcome';

export const saveAppointment = async (
  base: number,
  appointmentId: string | null,
  input: unknown,
): Promise<Outcome> => give(commands.saveAppointment, base, input, { appointmentId });
export const dropAppointment = async (base: number, appointmentId: string): Promise<Outcome> =>
  give(commands.dropAppointment, base, appointmentId);
export const readCalendar = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.readCalendar, base, input);
export const forgetCalendar = async (base: number, calendar: string): Promise<Outcome> =>
  give(commands.forgetCalendar, base, calendar);
