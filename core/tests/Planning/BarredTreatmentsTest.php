<?php

declare(strict_types=1);

/* What must not be done is what a rule of caution bars in every way; what is only not needed is not among it. */

use Nagomi\Core\Head\Head;
use Nagomi\Core\Planning\BarredTreatments;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\Rules\Rule;
use Nagomi\Core\Planning\Rules\RuleCatalogue;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Planning\WashOptions;
use Nagomi\Core\Treatments\StepKind;

/** @return array<string, string> key of the rule by treatment */
function barredOn(Head $head, RuleContext $standing): array
{
    return array_map(
        static fn (Rule $rule): string => $rule->key(),
        BarredTreatments::on(WashOptions::of($head), $standing),
    );
}

it('bars nothing on a head to which nothing was done lately', function (): void {
    expect(barredOn(sureHead(), new RuleContext(sureHead(), 0)))->toBe([]);
});

it('names the treatment and the rule', function (Head $head, array $standing, array $barred): void {
    expect(barredOn($head, new RuleContext(...['head' => $head, 'day' => 0, ...$standing])))->toBe($barred);
})->with([
    'strong protein 27 days ago' => [
        fn () => sureHead(), ['lastStrong' => -27], ['strong-protein' => 'strong-protein-apart'],
    ],
    'strong protein 28 days ago' => [fn () => sureHead(), ['lastStrong' => -28], []],
    'clarified 13 days ago' => [fn () => sureHead(), ['lastClarify' => -13], ['clarifying' => 'clarify-apart']],
    'a sore scalp' => [fn () => sureHead(sore: true), [], ['clarifying' => 'sore-scalp-is-spared']],
    'protein-sensitive: any protein, said once' => [
        fn () => sureHead(sensitive: true), [], ['protein' => 'protein-by-hand-only'],
    ],
    'sensitive, and not tested either: what a test would not change is said' => [
        fn () => sureHead(sensitive: true), ['terms' => new PlanTerms(notReadYet: true)],
        ['protein' => 'protein-by-hand-only', 'clarifying' => 'not-read-yet'],
    ],
    'not tested, strong protein lately: what bars every strength is said' => [
        fn () => sureHead(), ['terms' => new PlanTerms(notReadYet: true), 'lastStrong' => -3],
        ['protein' => 'not-read-yet', 'clarifying' => 'not-read-yet'],
    ],
    'a sign for a clinician' => [
        fn () => sureHead(red: true), [], ['protein' => 'referred-first', 'clarifying' => 'referred-first'],
    ],
]);

it('agrees with the rules: whatever is named is barred in every way, by the rule that is named', function (): void {
    $named = 0;
    foreach ([-1, -5, -8, -13, -20, -27, -40, null] as $strong) {
        foreach ([-1, -8, -13, -30, null] as $clarify) {
            foreach ([true, false] as $proteinLast) {
                $head = sureHead();
                $standing = new RuleContext(
                    $head,
                    0,
                    lastStrong: $strong,
                    lastClarify: $clarify,
                    proteinLast: $proteinLast,
                );
                foreach (BarredTreatments::on(WashOptions::of($head), $standing) as $treatment => $rule) {
                    $has = static fn (WashOption $way): bool => match ($treatment) {
                        'protein' => $way->protein !== null,
                        'strong-protein' => $way->protein === StepKind::StrongProtein,
                        'clarifying' => $way->cleanse->clarifies(),
                        'heat' => $way->heat,
                    };
                    $ways = array_filter(WashOptions::of($head), $has);
                    foreach ($ways as $way) {
                        expect(RuleCatalogue::barring($way, $standing))->not->toBe([]);
                    }
                    expect(array_filter($ways, static fn (WashOption $way): bool => in_array(
                        $rule->key(),
                        barredBy($way, $standing),
                        true,
                    )))->not->toBe([]);
                    $named++;
                }
            }
        }
    }
    expect($named)->toBeGreaterThan(40);
});
