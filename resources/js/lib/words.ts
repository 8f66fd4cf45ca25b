/** Words of the calendar, and lists of the trade's own. */
import type { Schemas } from './api';
import { wordOf } from './catalogue';

export function speciesList(species: readonly Schemas['Species'][]): string {
    return species.map((name) => wordOf('species', name)).join(', ');
}

/** "Today", "Tomorrow", or the day itself. */
export function dayWords(date: string, today: Date = new Date()): string {
    const day = new Date(`${date}T12:00:00`);
    const noon = new Date(today.getFullYear(), today.getMonth(), today.getDate(), 12);
    const away = Math.round((day.getTime() - noon.getTime()) / 86_400_000);
    const near: Record<number, string> = { [-1]: 'Yesterday', 0: 'Today', 1: 'Tomorrow' };
    return near[away] ?? day.toLocaleDateString('en', { weekday: 'short', day: 'numeric', month: 'short', year: 'numeric' });
}

/** A trip as every screen is headed: its day, and its ground where that has a name. */
export function tripWords({ date, ground }: { date: string; ground: string }): string {
    return ground === '' ? dayWords(date) : `${dayWords(date)} off ${ground}`;
}

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

/** "5:12 AM", by this device's clock. */
export function clock(time: string): string {
    return new Date(time).toLocaleTimeString('en', { hour: 'numeric', minute: '2-digit' });
}

/** How long ago, told while it matters to the second. */
export const longAgo = (seconds: number): string =>
    seconds < 90 ? `${Math.round(seconds)} s` : `${Math.round(seconds / 60)} min`;
