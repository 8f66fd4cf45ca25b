import createClient from 'openapi-fetch';
import type { components, paths } from './schema';

export type Schemas = components['schemas'];
export type Boat = Schemas['Boat'];
export type Holder = Schemas['Holder'];
export type Locker = Schemas['Locker'];
export type Trip = Schemas['Trip'];
export type Spread = Schemas['Spread'];
export type SpreadOpened = Schemas['SpreadOpened'];
export type SpreadLine = Schemas['SpreadLine'];
export type RunningLine = Schemas['RunningLine'];
export type Bite = Schemas['Bite'];
export type Me = Schemas['Me'];
type Problem = Schemas['Problem'];
export type Fault = NonNullable<Problem['errors']>[number];

export const api = createClient<paths>({ baseUrl: '/api' });

/** Done, with nothing to say of it. */
export const NOTHING = 204;

/** A network that swallows what is sent gives no answer: it is taken for none after so long. */
export const inTime = () => AbortSignal.timeout(8000);

/** What came of a request: what was asked for, what the server says is wrong, or no answer at all. */
export type Answer<T> = { data: T } | { problem: Problem } | { silent: true };

/** Turns a call into an answer; a server that does not answer is told apart from one that refuses. */
export async function ask<T>(call: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<Answer<T>> {
    try {
        const { data, error, response } = await call;
        if (response.ok && (data !== undefined || response.status === NOTHING)) {
            return { data: data as T };
        }
        // Whoever is ended after the head of an answer has said nothing, whatever that promised.
        if (response.ok) {
            return { silent: true };
        }
        const said = typeof error === 'object' && error !== null && 'detail' in error ? (error as Problem) : null;
        return {
            problem: said ?? {
                type: 'about:blank',
                title: 'Refused',
                status: response.status,
                detail: 'The server gave no reason.',
            },
        };
    } catch {
        return { silent: true };
    }
}

/** What an answer says is wrong, a silent server too; nothing where it brought what was asked for. */
export function faultsIn(answer: Answer<unknown>): Fault[] {
    if ('data' in answer) {
        return [];
    }
    if ('silent' in answer) {
        return [{ pointer: '', detail: 'The server is not answering.' }];
    }
    return answer.problem.errors ?? [{ pointer: '', detail: answer.problem.detail }];
}

/** The first fault at a pointer. */
export function faultOf(faults: readonly Fault[], pointer: string): Fault | undefined {
    return faults.find((fault) => fault.pointer === pointer);
}

/** The first fault at a pointer, in the server's words. */
export function faultAt(faults: readonly Fault[], pointer: string): string | undefined {
    return faultOf(faults, pointer)?.detail;
}
