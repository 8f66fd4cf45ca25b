/** Files as they are: the contract's client would make JSON of them. */
import { NOTHING, type Schemas } from './api';

/** What the server makes of a file; or, in words, why it takes nothing of it, with the place in it. Throws where it is silent. */
export async function sendFile(path: string, file: File, signal?: AbortSignal): Promise<{ answer: unknown } | { said: string }> {
    const response = await fetch(path, {
        method: 'PUT',
        body: file,
        headers: { 'Content-Type': 'application/octet-stream', Accept: 'application/json' },
        ...(signal ? { signal } : {}),
    });
    const answer: unknown = response.status === NOTHING ? null : await response.json();
    if (response.ok) {
        return { answer };
    }
    const problem = answer as Schemas['Problem'];
    const where = problem.errors?.[0]?.pointer.replace(/^\/(file ?)?/, '').replaceAll('/', ' ') ?? '';
    return { said: `${where ? `${where}: ` : ''}${problem.detail}` };
}
