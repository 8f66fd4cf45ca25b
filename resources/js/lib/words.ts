/** Words of the calendar, and lists of the trade's own. */
import { aboard } from './aboard.svelte';
import type { Schemas, Trip } from './api';
import { wordOf } from './catalogue';
import { figure, shown } from './units';

export function speciesList(species: readonly Schemas['Species'][]): string {
    return species.map((name) => wordOf('species', name)).join(', ');
}

/** The day by its date, for what is read on another day than it was made: a print, a file. */
export const dateWords = (date: string): string =>
    new Date(`${date}T12:00:00`).toLocaleDateString('en', { weekday: 'short', day: 'numeric', month: 'short', year: 'numeric' });

/** "Today", "Tomorrow", or the day itself. */
export function dayWords(date: string, today: Date = new Date()): string {
    const day = new Date(`${date}T12:00:00`);
    const noon = new Date(today.getFullYear(), today.getMonth(), today.getDate(), 12);
    const away = Math.round((day.getTime() - noon.getTime()) / 86_400_000);
    const near: Record<number, string> = { [-1]: 'Yesterday', 0: 'Today', 1: 'Tomorrow' };
    return near[away] ?? dateWords(date);
}

type Named = Pick<Trip, 'id' | 'date' | 'ground' | 'lines_in'>;

/** A trip's day, with its hour where that day has another trip. */
export function tripDay({ id, date, lines_in }: Named): string {
    const twin = aboard.trips.some((other) => other.id !== id && other.date === date);
    return twin ? `${dayWords(date)} ${timeOfDay(lines_in)}` : dayWords(date);
}

/** A trip as every screen is headed: its day, and its ground where that has a name. */
export const tripWords = (trip: Named): string => (trip.ground === '' ? tripDay(trip) : `${tripDay(trip)} off ${trip.ground}`);

/** "1 bite", "3 bites", "2 fish". */
export const counted = (count: number, one: string, many = `${one}s`): string => `${count} ${count === 1 ? one : many}`;

/** "25 Nov" */
export function shortDay(date: string): string {
    return new Date(`${date}T12:00:00`).toLocaleDateString('en', { day: 'numeric', month: 'short' });
}

/** How long ago: "just now", "20 min ago", "3 h ago", "2 days ago". */
export function ago(time: string, now: Date = new Date()): string {
    const minutes = Math.round((now.getTime() - new Date(time).getTime()) / 60_000);
    if (minutes < 2) {
        return 'just now';
    }
    if (minutes < 90) {
        return `${minutes} min ago`;
    }
    return minutes < 2880 ? `${Math.round(minutes / 60)} h ago` : `${Math.round(minutes / 1440)} days ago`;
}

/** How a time of day is written on a clock of 12 hours or of 24. */
export const clockStyle = (face: Schemas['ClockFace']): Intl.DateTimeFormatOptions =>
    face === '12'
        ? { hour: 'numeric', minute: '2-digit', hour12: true }
        : { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' };

/** "5:12 AM" or "05:12", by the port's clock. */
export function clock(time: string | number): string {
    const { clock_face = '12', timezone } = aboard.boat ?? {};
    return new Date(time).toLocaleTimeString('en', { ...clockStyle(clock_face), ...(timezone ? { timeZone: timezone } : {}) });
}

/** "12 Jun 2026", by the port's calendar. */
export function dayOf(time: string): string {
    const { timezone } = aboard.boat ?? {};
    return new Date(time).toLocaleDateString('en-GB', {
        day: 'numeric',
        month: 'short',
        year: 'numeric',
        ...(timezone ? { timeZone: timezone } : {}),
    });
}

/** A time of day the server tells as HH:MM, as the captain reads it. */
export function timeOfDay(time: string): string {
    const day = new Date(`2000-01-01T${time}:00Z`);
    return day.toLocaleTimeString('en', { ...clockStyle(aboard.boat?.clock_face ?? '12'), timeZone: 'UTC' });
}

/** An hour of a day, past midnight going on: "6 AM", "5:30 AM", "06:00". */
export function hourWords(hour: number): string {
    const minutes = Math.round(hour * 60) % 1440;
    const two = (part: number) => String(part).padStart(2, '0');
    return shortTime(`${two(Math.floor(minutes / 60))}:${two(minutes % 60)}`);
}

/** The same where there is little room: "6 AM". */
export const shortTime = (time: string): string => timeOfDay(time).replace(/:00 /, ' ');

/** How long ago, told while it matters to the second. */
export const longAgo = (seconds: number): string =>
    seconds < 90 ? `${Math.round(seconds)} s` : `${Math.round(seconds / 60)} min`;

/** A trip's bottom as it was told: one depth, or the ends of a range. */
export function bottomWords({ bottom, bottom_to }: Pick<Trip, 'bottom' | 'bottom_to'>): string {
    const units = aboard.boat?.units ?? 'us';
    return bottom === null
        ? '—'
        : bottom_to === null
          ? shown(units, 'depth', bottom)
          : `${figure(units, 'depth', bottom)}–${shown(units, 'depth', bottom_to)}`;
}
