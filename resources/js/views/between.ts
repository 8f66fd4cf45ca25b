/** Between two figures, places or curves of one shape. */
export function between<T>(from: T, to: T, part: number): T {
    if (typeof from === 'number' && typeof to === 'number') {
        return (from + part * (to - from)) as T;
    }
    if (Array.isArray(from) && Array.isArray(to)) {
        return from.map((item, i) => between(item as unknown, (to as unknown[])[i], part)) as T;
    }
    if (typeof from === 'object' && from !== null && typeof to === 'object' && to !== null) {
        const other = to as Record<string, unknown>;
        return Object.fromEntries(
            Object.entries(from).map(([key, item]) => [key, between(item as unknown, other[key], part)]),
        ) as T;
    }
    return from;
}
