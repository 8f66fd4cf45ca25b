<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

/** What axe finds wrong with a page, in every light. */
trait LooksWithAxe
{
    private const AXE = [
        'type' => 'tag', 'values' => ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'],
    ];

    private const AXE_OF_LIGHT = ['type' => 'rule', 'values' => ['color-contrast', 'link-in-text-block']];

    private const THEMES = ['day', 'dusk', 'red'];

    /** All of it in one light, and in the others what light changes. */
    private function assertNothingSeriousInAnyLight(): void
    {
        $this->js((string) file_get_contents(dirname(__DIR__, 3).'/node_modules/axe-core/axe.min.js'));
        // What catches a click beside a dialog lies under it, and what grains a button is no picture: axe, seeing neither,
        // would leave all of them unjudged.
        $this->js(<<<'JS'
            document.head.append(Object.assign(document.createElement('style'), {
                textContent: '.modal-backdrop { display: none } .btn, .btn * { background-image: none !important }',
            }));
            JS);
        foreach (self::THEMES as $i => $theme) {
            $this->js('document.documentElement.dataset.theme = arguments[0]', $theme);
            $this->assertNothingSerious($i === 0 ? self::AXE : self::AXE_OF_LIGHT);
        }
    }

    /**
     * Of the dialog over a screen, where there is one; the screen itself is looked at on its own.
     *
     * @param  array{type: string, values: list<string>}  $rules
     */
    private function assertNothingSerious(array $rules): void
    {
        /** @var array{violations: list<string>, judged: int, unjudged: int} $found */
        $found = $this->browser->driver->executeAsyncScript(<<<'JS'
            const [rules, done] = arguments;
            const opened = document.querySelector('dialog[open]') ?? document;
            const texts = (results) => results.find(({ id }) => id === 'color-contrast')?.nodes.length ?? 0;
            axe.run(opened, { runOnly: rules }).then((r) =>
                done({
                    violations: r.violations
                        .filter((v) => ['serious', 'critical'].includes(v.impact))
                        .map((v) => v.id + ': ' + v.nodes.map((n) => n.html.slice(0, 200) + ' ' + n.failureSummary).join('\n')),
                    judged: texts(r.passes) + texts(r.violations),
                    unjudged: texts(r.incomplete),
                }),
            );
            JS, [$rules]);

        self::assertSame([], $found['violations']);
        self::assertGreaterThan($found['unjudged'], $found['judged'], 'most of what is written has been judged');
    }
}
