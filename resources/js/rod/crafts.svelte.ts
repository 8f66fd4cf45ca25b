/** How each rig is fished aboard: read once, when a card is first looked at. */
import { api, ask, type Schemas, type SpreadLine } from '../lib/api';

export type Rig = Schemas['Crafts']['rigs'][number];

class CraftShelf {
    all: Schemas['Crafts'] | null = $state.raw(null);
    #asked = false;

    /** Asks for them where nobody has yet. */
    want(): void {
        if (!this.#asked) {
            this.#asked = true;
            void ask(api.GET('/boat/crafts')).then((answer) => {
                this.all = 'data' in answer ? answer.data : null;
                this.#asked = this.all !== null;
            });
        }
    }

    /** The cards a line is fished by: its rig's, and the board's it rides on. */
    of(line: SpreadLine): Rig[] {
        const named = (rig: string) => this.all?.rigs.find((card) => card.rig === rig);
        return [named(line.presentation), line.board_id ? named('board') : undefined].filter((card) => card !== undefined);
    }

    async say(rig: Rig['rig'], part: string, words: string | null): Promise<string> {
        const answer = await ask(
            api.PUT('/boat/crafts/{rig}', { params: { path: { rig } }, body: { parts: { [part]: words } } }),
        );
        if ('data' in answer) {
            this.all = answer.data;
            return '';
        }
        return 'problem' in answer
            ? (answer.problem.errors?.[0]?.detail ?? answer.problem.detail)
            : 'The server is not answering.';
    }
}

export const crafts = new CraftShelf();
