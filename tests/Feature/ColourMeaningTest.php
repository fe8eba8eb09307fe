<?php

declare(strict_types=1);

/*
 * One colour, one meaning: teal is moisture, amber protein, slate build-up, rose the scalp. What can be pressed or is
 * chosen, what runs, what is done and what is said is ink.
 */

/** What a rule that uses the colour has to be about, by its selector. */
const MEANS = [
    'moisture' => '/moist|mask|water|limp|load-range|stairs/',
    'protein' => '/protein|stiff|brittle/',
    'build-up' => '/build.up|clarify|coat/',
    'scalp' => '/scalp|caution|is-sign/',
];

/** @return list<string> rules that use a colour of one meaning for something else */
function colouredOtherwise(string $css): array
{
    $wrong = [];
    $css = (string) preg_replace('#/\*.*?\*/#s', '', $css);
    preg_match_all('/([^{}]+)\{([^{}]*)\}/', $css, $rules, PREG_SET_ORDER);
    foreach ($rules as [, $selector, $does]) {
        foreach (MEANS as $colour => $about) {
            foreach (explode(',', $selector) as $one) {
                if (preg_match("/:[^;]*var\(--{$colour}(-deep)?\)/", $does) === 1 && preg_match($about, $one) !== 1) {
                    $wrong[] = trim($one) . " is {$colour}";
                }
            }
        }
    }

    return $wrong;
}

it('uses each colour for what it means and for nothing else', function (): void {
    $found = [];
    foreach (glob(public_path('css/*.css')) ?: [] as $file) {
        $found = [...$found, ...colouredOtherwise((string) file_get_contents($file))];
    }
    expect($found)->toBe([]);
});

it('notices a colour that is used for something else', function (): void {
    expect(colouredOtherwise('.said { border-left: 3px solid var(--moisture); } .mask { fill: var(--moisture); }'))
        ->toBe(['.said is moisture'])
        ->and(colouredOtherwise('.wait, .protein-line { stroke: var(--protein-deep); }'))->toBe(['.wait is protein'])
        ->and(colouredOtherwise(':root { --moisture: #123456; } /* .a { fill: var(--scalp) } */'))->toBe([]);
});
