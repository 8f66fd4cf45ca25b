/** Chosen per device: paper-light, dark, or red for night vision. */
export const THEMES = ['day', 'dusk', 'red'] as const;
type Theme = (typeof THEMES)[number];

const KEPT_AS = 'admek.theme';

function kept(): Theme {
    const name = localStorage.getItem(KEPT_AS);
    return THEMES.find((theme) => theme === name) ?? 'day';
}

class ThemeChoice {
    #theme = $state<Theme>(kept());

    constructor() {
        document.documentElement.dataset.theme = this.#theme;
    }

    get current(): Theme {
        return this.#theme;
    }

    choose(theme: Theme): void {
        this.#theme = theme;
        document.documentElement.dataset.theme = theme;
        localStorage.setItem(KEPT_AS, theme);
    }
}

export const theme = new ThemeChoice();
